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
  const cashOutCents = own.cashOutCents ?? 0
  return [
    was === null ? `refinanced at ${formatPercent(option.terms.ratePercent)}` : '',
    was !== null && was.balanceCents !== own.balanceCents ? `${formatEntry(own.balanceCents)} paid off` : '',
    debtsWords(own.debtsPaidOff, was?.debtsPaidOff ?? []),
    (was?.cashOutCents ?? 0) === cashOutCents ? '' : `${formatEntry(cashOutCents)} cash out`,
    (was?.costsFinanced ?? false) === (own.costsFinanced ?? false) ? '' : 'costs added to the loan',
  ]
}

/** How many debts are paid off that were not: 2 debts paid off. */
export function debtsWords(paidOff: readonly string[], before: readonly string[]): string {
  const more = paidOff.filter((id) => !before.includes(id)).length
  return more === 0 ? '' : `${more === 1 ? 'a debt' : `${more} debts`} paid off`
}
