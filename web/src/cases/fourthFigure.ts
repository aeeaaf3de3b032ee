import { Refusal, type CaseDocument } from '../api/client'
import { baselineOf } from '../casefile/option'
import { formatAmount } from '../format/amount'
import { PAYMENTS_PER_YEAR } from '../format/conventions'
import { formatPercent } from '../format/percent'
import { formatTerm } from '../format/term'
import type { PresentLoan } from './beginnings'
import { solve } from './solve'

const FIGURES: readonly (keyof PresentLoan)[] = ['balanceCents', 'ratePercent', 'paymentCents', 'monthsLeft']
const MONTHS_A_YEAR = 12
const RATE_DECIMALS = 3

/**
 * A loan that runs with the figure that was left empty worked out from the other three.
 *
 * @throws Error if more than one was left empty, or the three have no fourth
 */
export async function withFourth(start: CaseDocument, given: Partial<PresentLoan>): Promise<PresentLoan> {
  const [empty, ...more] = FIGURES.filter((figure) => given[figure] === undefined)
  if (more.length > 0) throw new Error('Enter three of the four figures of the loan, or all of them.')
  const option = baselineOf(start)
  const perYear = PAYMENTS_PER_YEAR[option.terms.frequency]
  const { balanceCents = null, ratePercent = null, paymentCents = null, monthsLeft } = given
  const payments = monthsLeft === undefined ? null : Math.round((monthsLeft * perYear) / MONTHS_A_YEAR)
  const others = { loanCents: balanceCents, ratePercent, paymentCents, payments }
  const loan = { balanceCents: 0, ratePercent: 0, paymentCents: 0, monthsLeft: 0, ...given }
  switch (empty) {
    case undefined:
      return loan
    case 'balanceCents':
      return { ...loan, balanceCents: (await solve(option, 'LOAN', others)).cents ?? 0 }
    case 'paymentCents':
      return { ...loan, paymentCents: (await solve(option, 'PAYMENT', others)).cents ?? 0 }
    case 'monthsLeft':
      return {
        ...loan,
        monthsLeft: monthsIn((await solve(option, 'PAYMENTS', others)).payments ?? 0, perYear),
      }
    case 'ratePercent':
      break
  }
  const { ratePercent: highest } = await solve(option, 'RATE', others)
  return { ...loan, ratePercent: Number((highest ?? 0).toFixed(RATE_DECIMALS)) }
}

/** In what four figures of a loan that runs contradict one another; null where they agree to the month, or one is missing. */
export async function contradiction(
  start: CaseDocument,
  given: Partial<PresentLoan>,
): Promise<string | null> {
  const { balanceCents, ratePercent, paymentCents, monthsLeft } = given
  if (monthsLeft === undefined || !balanceCents || ratePercent === undefined || !paymentCents) return null
  const due = await monthsOf(start, { balanceCents, ratePercent, paymentCents })
  if (typeof due === 'string')
    return `These four do not agree: ${due} Change one, or press Create again to keep all four.`
  return Math.abs(due - monthsLeft) <= 1
    ? null
    : `These four do not agree: at ${formatPercent(ratePercent)}, ${formatAmount(paymentCents)} pays ${formatAmount(balanceCents)} off in ${formatTerm(due)}, not in ${formatTerm(monthsLeft)}. Change one, or press Create again to keep all four.`
}

/** In how many months the others pay a loan off, or why they never do. */
async function monthsOf(start: CaseDocument, given: Partial<PresentLoan>): Promise<number | string> {
  try {
    return (await withFourth(start, given)).monthsLeft
  } catch (refused) {
    if (refused instanceof Refusal) return refused.message
    throw refused
  }
}

const monthsIn = (payments: number, perYear: number) => Math.ceil((payments * MONTHS_A_YEAR) / perYear)
