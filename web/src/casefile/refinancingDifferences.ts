import type { OptionDocument } from '../api/client'
import { formatEntry } from '../format/amount'
import { formatPercent } from '../format/percent'
import { refinancingOf } from './option'

/** Whether an option takes the place of the loan that the baseline goes on with. */
export const isRefinanced = (baseline: OptionDocument, option: OptionDocument) =>
  refinancingOf(option) !== null && refinancingOf(baseline) === null

/** What an option refinances otherwise than the baseline, each in a few words. */
export function refinancingDifferences(baseline: OptionDocument, option: OptionDocument): string[] {
  const own = refinancingOf(option)
  if (own === null) return []
  const was = refinancingOf(baseline)
  const paidOff = own.debtsPaidOff.filter((id) => !was?.debtsPaidOff.includes(id)).length
  const cashOutCents = own.cashOutCents ?? 0
  return [
    was === null ? `refinanced at ${formatPercent(option.terms.ratePercent)}` : '',
    was !== null && was.balanceCents !== own.balanceCents ? `${formatEntry(own.balanceCents)} paid off` : '',
    paidOff === 0 ? '' : `${paidOff === 1 ? 'a debt' : `${paidOff} debts`} paid off`,
    (was?.cashOutCents ?? 0) === cashOutCents ? '' : `${formatEntry(cashOutCents)} cash out`,
    (was?.costsFinanced ?? false) === (own.costsFinanced ?? false) ? '' : 'costs added to the loan',
  ]
}
