import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import type { LetterheadDocument } from '../../api/client'
import { letterheadQuery, letterheadStatesQuery, saveLetterhead } from '../../api/handouts'
import { MARKETS } from '../../format/market'
import { HistoryButton } from '../HistoryButton'
import { ItemHistory } from '../ItemHistory'

const NAME = 'the letterhead'

type LetterheadHistoryProps = {
  revision: number
  /** Told when an earlier state is the latest again. */
  broughtBack: () => void
}

/** The saved states of the letterhead. */
export function LetterheadHistory(props: LetterheadHistoryProps) {
  const [isOpen, setIsOpen] = useState(false)
  return (
    <div className="mt-4">
      <HistoryButton name={NAME} isOpen={isOpen} toggle={() => setIsOpen(!isOpen)} />
      {isOpen && <States {...props} />}
    </div>
  )
}

function States({ revision, broughtBack }: LetterheadHistoryProps) {
  const queries = useQueryClient()
  return (
    <ItemHistory
      name={NAME}
      states={useQuery(letterheadStatesQuery(revision))}
      lines={({ letterhead }) => linesOf(letterhead)}
      bringBack={async ({ letterhead }) => {
        queries.setQueryData(letterheadQuery.queryKey, await saveLetterhead(revision, letterhead))
        broughtBack()
      }}
      queryKey={letterheadQuery.queryKey}
    />
  )
}

const linesOf = ({ name, address, logo, disclaimers }: LetterheadDocument): string[] => [
  name,
  ...address.split('\n').filter((line) => line !== ''),
  logo === null ? 'no logo' : `a logo of ${bytesOf(logo).toLocaleString()} bytes`,
  ...disclaimers.map(({ market, text }) => `Disclaimer, ${MARKETS[market].name}: ${text}`),
]

/** The size of what a data address holds, which writes three bytes as four characters. */
const bytesOf = (address: string) => Math.floor(((address.length - address.indexOf(',') - 1) * 3) / 4)
