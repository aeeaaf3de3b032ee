import type { WishAnswerView } from '../../api/client'
import { formatEntry } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { formatTerm } from '../../format/term'
import { addExtra } from '../clauses'
import { withDownAmount, withFields, type OptionChange } from '../option'

type Lever = WishAnswerView['lever']

/** What an option becomes with a lever at a value: cents, percent or months. */
export function leverChange(lever: Lever, value: number): OptionChange {
  switch (lever) {
    case 'PRICE':
      return withFields({ priceCents: value })
    case 'LOAN_AMOUNT':
      return withFields({ loanCents: value })
    case 'MONEY_DOWN':
      return withDownAmount(value)
    case 'RATE':
      return withFields({ ratePercent: value })
    case 'TERM':
      return withFields({ termMonths: value })
    case 'REGULAR_EXTRA':
      return value === 0 ? (option) => option : addExtra('EACH_PAYMENT', value, { payment: 1, day: null })
  }
}

type LeverWords = { before: string; figure: string; after: string; none: string }

/** A lever's answer as a sentence around its figure. */
export function leverWords(lever: Lever, value: number | null, isLargest: boolean | null): LeverWords {
  const limit = isLargest === false ? 'at least' : 'at most'
  const cents = formatEntry(value ?? 0)
  switch (lever) {
    case 'PRICE':
      return { before: `A price of ${limit}`, figure: cents, after: '', none: 'No price' }
    case 'LOAN_AMOUNT':
      return { before: `A loan of ${limit}`, figure: cents, after: '', none: 'No loan' }
    case 'MONEY_DOWN':
      return {
        before: isLargest === true ? 'At most' : 'At least',
        figure: cents,
        after: 'down',
        none: 'No money down',
      }
    case 'RATE':
      return { before: `A rate of ${limit}`, figure: formatPercent(value ?? 0), after: '', none: 'No rate' }
    case 'TERM':
      return { before: `A term of ${limit}`, figure: formatTerm(value ?? 0), after: '', none: 'No term' }
    case 'REGULAR_EXTRA':
      return { before: `An extra of ${limit}`, figure: cents, after: 'with each payment', none: 'No extra' }
  }
}
