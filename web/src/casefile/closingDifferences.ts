import type { ClosingItemDocument, OptionDocument } from '../api/client'
import { formatEntry } from '../format/amount'
import { formatPercent } from '../format/percent'
import { formatPoints } from '../format/points'
import { saysOtherwise } from './clauses/clause'
import { debtsWords } from './refinancingDifferences'

type Kind = ClosingItemDocument['kind']

/** The items that are named by themselves where they differ. */
const NAMED: readonly Kind[] = ['POINTS', 'LENDER_CREDIT', 'SELLER_CREDIT']

/** What is due or credited at closing otherwise than in the baseline, each in a few words. */
export function closingDifferences(baseline: OptionDocument, option: OptionDocument): string[] {
  const named = NAMED.flatMap((kind) => {
    const of = (each: OptionDocument) => each.closing.items.filter((item) => item.kind === kind)
    return saysOtherwise(baseline, option, of) ? [wordsOf(kind, of(option))] : []
  })
  const rest = ({ closing }: OptionDocument) => ({
    ...closing,
    items: closing.items.filter(({ kind }) => !NAMED.includes(kind)),
    debtsPaidOff: closing.debtsPaidOff.filter((id) => baseline.closing.debtsPaidOff.includes(id)),
  })
  const debts = debtsWords(option.closing.debtsPaidOff, baseline.closing.debtsPaidOff)
  const others = saysOtherwise(baseline, option, rest) ? ['other closing costs'] : []
  return [...(debts === '' ? [] : [debts]), ...named, ...others]
}

function wordsOf(kind: Kind, items: readonly ClosingItemDocument[]): string {
  const amounts = items.map(({ amount: { cents, percent } }) => ({
    cents: cents ?? 0,
    percent: percent ?? 0,
  }))
  const percent = amounts.reduce((sum, each) => sum + each.percent, 0)
  const cents = amounts.reduce((sum, each) => sum + each.cents, 0)
  const isNone = percent === 0 && cents === 0
  switch (kind) {
    case 'POINTS':
      return isNone ? 'no points' : percent === 0 ? `points ${formatEntry(cents)}` : formatPoints(percent)
    default: {
      const giver = kind === 'LENDER_CREDIT' ? 'lender credit' : 'seller credit'
      return isNone
        ? `no ${giver}`
        : `${giver} ${percent === 0 ? formatEntry(cents) : formatPercent(percent)}`
    }
  }
}
