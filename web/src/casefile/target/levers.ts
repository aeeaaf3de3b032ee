import type { QuantityView, TargetAnswerView } from '../../api/client'
import type { Target } from '../../entry/target'
import { formatAmount, formatEntry } from '../../format/amount'
import { formatDay } from '../../format/date'
import { formatPercent } from '../../format/percent'
import { formatTerm } from '../../format/term'
import { addExtra } from '../featureLists'
import { newId } from '../newId'
import { withDownAmount, withLoan, withPurchase, withTerms, type OptionChange } from '../option'

type Lever = TargetAnswerView['lever']

/** What an option becomes with a lever at a value: cents, percent or months. */
export function leverChange(lever: Lever, value: number): OptionChange {
  switch (lever) {
    case 'PRICE':
      return withPurchase({ priceCents: value })
    case 'LOAN_AMOUNT':
      return withLoan(value)
    case 'DOWN_PAYMENT':
      return withDownAmount(value)
    case 'RATE':
      return withTerms({ ratePercent: value })
    case 'TERM':
      return withTerms({ amortizationMonths: value })
    case 'REGULAR_EXTRA':
      return value === 0
        ? (option) => option
        : addExtra(newId(), 'EACH_PAYMENT', value, { payment: 1, day: null })
  }
}

/** What levers are called within a sentence. */
const NOUNS: Record<Lever, string> = {
  PRICE: 'price',
  LOAN_AMOUNT: 'loan amount',
  DOWN_PAYMENT: 'down payment',
  RATE: 'interest rate',
  TERM: 'term',
  REGULAR_EXTRA: 'extra payment',
}

type LeverWords = { before: string; figure: string; after: string }

/**
 * A lever's answer as a sentence around its figure.
 *
 * @param extraCents what is paid with each payment already
 */
export function leverWords(
  lever: Lever,
  value: number,
  isLargest: boolean | null,
  extraCents = 0,
): LeverWords {
  const limit = isLargest === false ? 'at least' : 'at most'
  const article = /^[aeiou]/.test(NOUNS[lever]) ? 'An' : 'A'
  return {
    before: `${article} ${NOUNS[lever]} of ${limit}`,
    figure: valueWords(lever, value),
    after:
      lever === 'REGULAR_EXTRA'
        ? `${extraCents > 0 ? `more than the ${formatEntry(extraCents)} ` : ''}with each payment`
        : '',
  }
}

function valueWords(lever: Lever, value: number): string {
  switch (lever) {
    case 'RATE':
      return formatPercent(value)
    case 'TERM':
      return formatTerm(value)
    default:
      return formatEntry(value)
  }
}

/** Why a lever has no answer. */
export function noneWords(
  { lever, because, nearest }: TargetAnswerView,
  target: Target,
  locale: string,
): string {
  const noun = NOUNS[lever]
  switch (because) {
    case 'ALWAYS_MET':
      return `The target is met at any ${noun}.`
    case 'NEVER_MET':
      return nearest
        ? `No ${noun} is enough; closest: ${reachedWords(nearest, target, locale)}.`
        : `No ${noun} is enough.`
    default:
      return `No ${noun} gives valid results here.`
  }
}

/** What a text was understood as. */
export function understoodWords(target: Target, locale: string): string {
  switch (target.target) {
    case 'MONTHLY_TOTAL':
      return `At most ${formatAmount(Number(target.limit))} a month, all in.`
    case 'PAYMENT':
      return `At most ${formatAmount(Number(target.limit))} principal and interest with each payment.`
    case 'TOTAL_INTEREST':
      return `At most ${formatAmount(Number(target.limit))} total interest.`
    case 'PAID_OFF_BY':
      return `Paid off by ${formatDay(target.limit, locale)}.`
    case 'BALANCE_BY':
      return `A balance of at most ${formatAmount(Number(target.limit))} on ${formatDay(target.by, locale)}.`
  }
}

/** What an option comes to in respect of a target: 2,512.10 a month. */
function reachedWords({ value }: QuantityView, { target }: Target, locale: string): string {
  switch (target) {
    case 'MONTHLY_TOTAL':
      return `${formatDecimal(value)} a month`
    case 'PAYMENT':
      return `a payment of ${formatDecimal(value)}`
    case 'TOTAL_INTEREST':
      return `${formatDecimal(value)} interest`
    case 'BALANCE_BY':
      return `a balance of ${formatDecimal(value)}`
    case 'PAID_OFF_BY':
      return `paid off on ${formatDay(value, locale)}`
  }
}

const CENTS = 100
const formatDecimal = (value: string) => formatAmount(Math.round(Number(value) * CENTS))
