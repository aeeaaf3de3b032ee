import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import type { PracticeView } from '../api/client'
import { practiceQuery, practiceStatesQuery, savePractice } from '../api/practice'
import { sessionQuery } from '../app/session'
import { MARKETS } from '../format/market'
import { formatMoment } from '../format/moment'
import { HistoryButton } from './HistoryButton'
import { ItemHistory } from './ItemHistory'

const NAME = 'the practice'

/** Who changed the practice last, and all its earlier states. */
export function PracticeHistory({ latest }: { latest: PracticeView }) {
  const { savedAt, savedBy } = latest
  const [isOpen, setIsOpen] = useState(false)
  return (
    <div className="mt-6">
      <p className="flex flex-wrap items-baseline gap-x-4">
        <span className="text-soft text-[0.8125rem]">
          Last changed {formatMoment(savedAt, new Date())} by {savedBy}
        </span>
        <HistoryButton name={NAME} isOpen={isOpen} toggle={() => setIsOpen(!isOpen)} />
      </p>
      {isOpen && <States latest={latest} />}
    </div>
  )
}

function States({ latest }: { latest: PracticeView }) {
  const queries = useQueryClient()
  return (
    <ItemHistory
      name={NAME}
      states={useQuery(practiceStatesQuery(latest.revision))}
      lines={({ settings: { name, market, timeZone } }) => [name, MARKETS[market].name, timeZone]}
      bringBack={async ({ settings }) => {
        await savePractice(latest.revision, settings)
        // The advisor's menu says what the practice is called.
        await queries.invalidateQueries({ queryKey: sessionQuery.queryKey })
      }}
      queryKey={practiceQuery.queryKey}
    />
  )
}
