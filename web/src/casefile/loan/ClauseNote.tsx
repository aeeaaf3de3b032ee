import type { FeatureNote } from '../../api/client'
import { formatAmount } from '../../format/amount'
import { formatDay } from '../../format/date'
import { useOpenCase } from '../CaseContext'

/** Behind a clause that has no effect, or another than it says: what happens instead. */
export function ClauseNote({ pointer }: { pointer: string }) {
  const { figures, locale } = useOpenCase()
  const note = figures.notes.find((each) => each.pointer === pointer)
  return note === undefined ? null : (
    <>
      {' '}
      <span role="note" className="clause-note">
        {noteWords(note, locale)}
      </span>
    </>
  )
}

export function noteWords({ kind, day, cents }: FeatureNote, locale: string): string {
  const amount = formatAmount(cents ?? 0)
  switch (kind) {
    case 'PAID_OFF_BEFORE':
      return `no effect: paid off on ${formatDay(day, locale)}`
    case 'ENDS_NO_EARLIER':
      return `no earlier: the last payment becomes ${amount}`
    case 'BALLOON_IS':
      return `in fact ${amount} is left`
    case 'RECALCULATED':
      return `recalculated to ${amount} from ${formatDay(day, locale)}`
    case 'LAST_PAYMENT_IS':
      return `the last payment is ${amount}`
  }
}
