import type { OptionView } from '../api/client'
import { formatAmount } from '../format/amount'
import { formatMonth } from '../format/date'
import type { FigureName } from '../working/figureWords'

/** A view of a case, as the index at its left lists it. Its page stands in the router. */
export type View = {
  to: '/cases/$id' | '/cases/$id/lifeline'
  name: string
  /** The key that leads to it. */
  key: string
  /** The figure that answers its question, and how it reads. */
  figure: FigureName
  headline: (figures: OptionView, locale: string) => string
}

export const VIEWS: readonly View[] = [
  {
    to: '/cases/$id',
    name: 'Loan',
    key: '1',
    figure: 'HOUSING_COST',
    headline: ({ housingCost }) => `${formatAmount(housingCost.totalCents)} a month`,
  },
  {
    to: '/cases/$id/lifeline',
    name: 'Lifeline',
    key: '2',
    figure: 'PAYOFF_DATE',
    headline: ({ payoffDate }, locale) => `to ${formatMonth(payoffDate, locale)}`,
  },
]
