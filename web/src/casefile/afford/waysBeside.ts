import type { DebtDocument, FitView } from '../../api/client'
import { formatAmount } from '../../format/amount'
import { withPaidOff } from '../option'
import type { Way } from './way'

type Debts = NonNullable<FitView['fewestDebts']>

/** What is called what it is by its name: card and car. */
export const debtNames = (ids: readonly string[], debts: readonly DebtDocument[]) =>
  ids.map((id) => namedOr(debts.find((debt) => debt.id === id)?.name, 'a debt')).join(' and ')

/** A name, unless it is none. */
const namedOr = (name: string | undefined, otherwise: string) =>
  name === undefined || name === '' ? otherwise : name

/** What is missing beside the loan: debts that could be paid off, income, money in reserve. */
export function waysBeside(fit: FitView, debts: readonly DebtDocument[]): Way[] {
  const { fewestDebts, cheapestDebts, missingIncomeCents, missingReservesCents } = fit
  const sets = [fewestDebts, cheapestDebts].flatMap((each) => (each && each.debts.length > 0 ? [each] : []))
  const distinct = sets.filter(
    (each, index) => sets.findIndex(({ debts: ids }) => ids.join() === each.debts.join()) === index,
  )
  return [
    ...distinct.map((each) => payingOff(each, debts)),
    ...(missingIncomeCents === null || missingIncomeCents === 0
      ? []
      : [told('income', 'Income of', formatAmount(missingIncomeCents), 'more a month', '')]),
    ...(missingReservesCents === 0
      ? []
      : [
          told(
            'reserves',
            'Beside it,',
            formatAmount(missingReservesCents),
            'more in reserve',
            'no change of the loan meets this by itself',
          ),
        ]),
  ]
}

function payingOff(
  { debts: ids, cashCents, monthlyCents, covered }: Debts,
  debts: readonly DebtDocument[],
): Way {
  return {
    key: `debts ${ids.join()}`,
    words: ['Paying off', debtNames(ids, debts), `with ${formatAmount(cashCents)}`],
    note: `${formatAmount(monthlyCents)} a month less${covered ? '' : ', more cash than they have left'}`,
    size: 0,
    change: withPaidOff(ids),
  }
}

const told = (key: string, before: string, figure: string, behind: string, note: string): Way => ({
  key,
  words: [before, figure, behind],
  note,
  size: 0,
})
