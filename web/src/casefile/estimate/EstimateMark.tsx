import type { EstimateDocument } from '../../api/client'
import { formatEntry } from '../../format/amount'
import { formatDay } from '../../format/date'
import { useOpenCase } from '../CaseContext'

/** Where a figure comes from while it is an estimate; nothing once another took its place. */
export function EstimateMark({ estimate }: { estimate: EstimateDocument | null | undefined }) {
  const { locale } = useOpenCase()
  if (!estimate) return null
  const { simulated, source, day, lowCents, highCents, about } = estimate
  return (
    <p className="text-soft mt-1 text-xs" data-testid="estimate">
      <b className="text-interest-words">{simulated ? 'Simulated estimate' : 'Estimate'}</b>,{' '}
      {formatEntry(lowCents)} to {formatEntry(highCents)}
      {about !== null && `, ${about}`}. {source}, {formatDay(day, locale)}.
    </p>
  )
}
