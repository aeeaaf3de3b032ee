import type { DebtDocument, OptionDocument } from '../../api/client'
import type { Beginning } from '../clauses/clause'
import { refinancingOf, withRefinancing } from '../option'

const FIRST_CASH_OUT_CENTS = 10_000_00

/** What else a refinancing can say: cash out, the home's value, and each debt that it does not pay off yet. */
export function refinancingBeginnings(option: OptionDocument, debts: readonly DebtDocument[]): Beginning[] {
  const refinancing = refinancingOf(option)
  if (refinancing === null) return []
  const { cashOutCents, valueCents, balanceCents, debtsPaidOff } = refinancing
  const cashOut: Beginning = {
    words: 'Cash out',
    change: withRefinancing({ cashOutCents: FIRST_CASH_OUT_CENTS }),
    focus: '/financing/cashOutCents',
  }
  const value: Beginning = {
    words: 'Home value',
    change: withRefinancing({ valueCents: balanceCents * 2, valueEstimate: null }),
    focus: '/financing/valueCents',
  }
  return [
    ...(cashOutCents === null ? [cashOut] : []),
    ...(valueCents === null ? [value] : []),
    ...debts
      .filter(({ id }) => !debtsPaidOff.includes(id))
      .map(({ id, name }) => ({
        words: `Pay off ${name === '' ? 'a debt' : name}`,
        change: withRefinancing({ debtsPaidOff: [...debtsPaidOff, id] }),
        focus: '/financing/balanceCents',
      })),
  ]
}
