import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useId, useState } from 'react'
import type { LetterheadDocument } from '../../api/client'
import { letterheadQuery, saveLetterhead } from '../../api/handouts'
import { Prose } from '../../handout/Prose'
import { MARKETS, type Market } from '../../format/market'
import { OwnersOnly } from '../OwnersOnly'
import { LogoField } from './LogoField'

const MOST_NAME_CHARACTERS = 100
const MOST_ADDRESS_CHARACTERS = 400

/** The practice's name, address and logo, and what it says below the hand-outs of each market. */
export function LetterheadEditor({ start }: { start: LetterheadDocument }) {
  const [letterhead, setLetterhead] = useState(start)
  const queries = useQueryClient()
  const id = useId()
  const saving = useMutation({
    mutationFn: () => saveLetterhead(letterhead),
    onSuccess: (saved) => queries.setQueryData(letterheadQuery.queryKey, saved),
  })
  const change = (fields: Partial<LetterheadDocument>) => {
    saving.reset()
    setLetterhead({ ...letterhead, ...fields })
  }
  return (
    <section className="mt-6" aria-labelledby={`${id}-heading`}>
      <h2 id={`${id}-heading`} className="heading">
        Letterhead
      </h2>
      <div className="mid:grid-cols-2 mt-2 grid grid-cols-1 gap-x-8 gap-y-3">
        <div>
          <label htmlFor={`${id}-name`} className="mb-1 block font-medium">
            Name
          </label>
          <input
            id={`${id}-name`}
            className="field"
            maxLength={MOST_NAME_CHARACTERS}
            value={letterhead.name}
            onChange={(event) => change({ name: event.target.value })}
          />
          <label htmlFor={`${id}-address`} className="mt-3 mb-1 block font-medium">
            Address
          </label>
          <textarea
            id={`${id}-address`}
            className="field field-sizing-content min-h-20"
            maxLength={MOST_ADDRESS_CHARACTERS}
            value={letterhead.address}
            onChange={(event) => change({ address: event.target.value })}
          />
        </div>
        <LogoField logo={letterhead.logo} take={(logo) => change({ logo })} />
      </div>
      <div className="mid:grid-cols-2 grid grid-cols-1 gap-x-8">
        {(Object.keys(MARKETS) as Market[]).map((market) => (
          <Prose
            key={market}
            label={`Disclaimer, ${MARKETS[market].name}`}
            text={letterhead.disclaimers.find((each) => each.market === market)?.text ?? null}
            change={(text) => change({ disclaimers: withDisclaimer(letterhead, market, text) })}
          />
        ))}
      </div>
      {saving.error && (
        <p role="alert" className="field-problem mt-2">
          {saving.error.message}
        </p>
      )}
      <OwnersOnly>
        <p className="mt-3 flex items-center gap-x-4">
          <button
            type="button"
            className="button"
            disabled={saving.isPending}
            onClick={() => saving.mutate()}
          >
            Save letterhead
          </button>
          <span role="status" className="text-soft">
            {saving.isSuccess ? 'Saved. The next hand-outs carry it.' : ''}
          </span>
        </p>
      </OwnersOnly>
    </section>
  )
}

function withDisclaimer({ disclaimers }: LetterheadDocument, market: Market, text: string | null) {
  const others = disclaimers.filter((each) => each.market !== market)
  return text === null ? others : [...others, { market, text }]
}
