import { useQueryClient } from '@tanstack/react-query'
import { useId, useState } from 'react'
import type { LetterheadDocument, LetterheadView } from '../../api/client'
import { letterheadQuery, saveLetterhead } from '../../api/handouts'
import { Prose } from '../../handout/Prose'
import { MARKETS, type Market } from '../../format/market'
import { TextButton } from '../../ui/TextButton'
import { OwnersOnly } from '../OwnersOnly'
import { useSavedDraft } from '../useSavedDraft'
import { LogoField } from './LogoField'

const MOST_NAME_CHARACTERS = 100
const MOST_ADDRESS_CHARACTERS = 400
/** A practice has one letterhead. */
const ONLY = 'letterhead'
/** Before it has one. */
const NONE = -1

/** The practice's name, address and logo, and what it says below the hand-outs of each market. */
export function LetterheadEditor({ seen }: { seen: LetterheadView }) {
  const queries = useQueryClient()
  const id = useId()
  const [isSaved, setIsSaved] = useState(false)
  const edited = useSavedDraft<LetterheadDocument>({
    kind: 'letterhead',
    seen: { id: ONLY, revision: seen.revision ?? NONE },
    start: seen.letterhead,
    save: (over, value) =>
      saveLetterhead(over === null || over.revision === NONE ? null : over.revision, value),
    onSaved: () => {
      setIsSaved(true)
      return queries.invalidateQueries({ queryKey: letterheadQuery.queryKey })
    },
  })
  const { value: letterhead, draft, error, isSaving, save, conflict } = edited
  const change = (fields: Partial<LetterheadDocument>) => {
    setIsSaved(false)
    draft.change({ ...letterhead, ...fields })
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
      {error && (
        <p role="alert" className="field-problem mt-2">
          {error.message}
        </p>
      )}
      {conflict && (
        <p className="mt-2 flex flex-wrap gap-x-5">
          <TextButton onClick={conflict.keepTheirs}>Keep theirs</TextButton>
          <TextButton onClick={conflict.keepMine}>Keep mine</TextButton>
        </p>
      )}
      <OwnersOnly>
        <p className="mt-3 flex items-center gap-x-4">
          <button type="button" className="button" disabled={isSaving} onClick={save}>
            Save letterhead
          </button>
          <span role="status" className="text-soft">
            {isSaved ? 'Saved. The next hand-outs carry it.' : ''}
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
