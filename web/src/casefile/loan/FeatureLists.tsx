import type { ExtraDocument, RateChangeDocument } from '../../api/client'
import { addMonths } from '../../entry/date'
import { ListEditor } from '../../field/ListEditor'
import { insertEntry, moveEntry, withoutEntry } from '../featureLists'
import { newId } from '../newId'
import { useOption } from '../OptionContext'
import { ExtraFigures } from '../clauses/extras'
import { RateChangeFigures } from '../clauses/rateChanges'

const A_YEAR_MONTHS = 12
const FIRST_EXTRA_CENTS = 1_000_00

/** The extra payments line by line; a new one is the one above a year later. */
export function ExtraList() {
  const { option, figures, apply } = useOption()
  const { extras } = option.features
  const next = (after: string | null): ExtraDocument => {
    const above = extras.find(({ id }) => id === after) ?? extras.at(-1)
    return {
      id: newId(),
      how: above?.how ?? 'ONCE',
      cents: above?.cents ?? FIRST_EXTRA_CENTS,
      firstPayment: null,
      firstDay: addMonths(above?.firstDay ?? figures.firstPaymentDate, A_YEAR_MONTHS),
      lastPayment: null,
      lastDay: null,
    }
  }
  return (
    <ListEditor
      label="Extra payments"
      entries={extras}
      line={(extra) => <ExtraFigures extra={extra} after="" />}
      add={(after) => {
        const added = next(after)
        apply(insertEntry('extras', added, after))
        return added.id
      }}
      remove={(id) => apply(withoutEntry('extras', id))}
      move={(id, by) => apply(moveEntry('extras', id, by))}
      addWords="Add an extra payment"
    />
  )
}

/** The rate changes line by line; a new one is the one above a year later. */
export function RateChangeList() {
  const { option, figures, apply } = useOption()
  const { terms, features } = option
  const { rateChanges } = features
  const next = (after: string | null): RateChangeDocument => {
    const above = rateChanges.find(({ id }) => id === after) ?? rateChanges.at(-1)
    return {
      id: newId(),
      ratePercent: above?.ratePercent ?? terms.ratePercent,
      fromPayment: null,
      fromDay: addMonths(above?.fromDay ?? figures.firstPaymentDate, A_YEAR_MONTHS),
    }
  }
  return (
    <ListEditor
      label="Rate changes"
      entries={rateChanges}
      line={(rateChange) => <RateChangeFigures rateChange={rateChange} after="" />}
      add={(after) => {
        const added = next(after)
        apply(insertEntry('rateChanges', added, after))
        return added.id
      }}
      remove={(id) => apply(withoutEntry('rateChanges', id))}
      move={(id, by) => apply(moveEntry('rateChanges', id, by))}
      addWords="Add a rate change"
    />
  )
}
