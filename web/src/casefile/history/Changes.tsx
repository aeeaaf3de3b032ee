import type { CaseDocument } from '../../api/client'
import { localeOfCase } from '../../format/market'
import { placeDifferences } from './placeDifferences'
import { useKeptNames } from './useKeptNames'

const MOST_SHOWN = 6

type ChangesProps = { now: CaseDocument; before: CaseDocument | null }

/** What a state changed: each place, what it said and what it says. */
export function Changes({ now, before }: ChangesProps) {
  const names = useKeptNames()
  if (!before) return <p className="text-soft">The case began.</p>
  const all = placeDifferences(before, now, localeOfCase(now), names)
  if (all.length === 0) return <p className="text-soft">The same as before.</p>
  return (
    <ul>
      {all.slice(0, MOST_SHOWN).map(({ of, was, is }) => (
        <li key={of}>
          <span className="text-soft">{of}</span> {was === null && 'added'}
          {is === null && 'deleted'}
          {was !== null && is !== null && (
            <>
              {was} <span aria-label="became">→</span> {is}
            </>
          )}
        </li>
      ))}
      {all.length > MOST_SHOWN && <li className="text-soft">and {all.length - MOST_SHOWN} more</li>}
    </ul>
  )
}
