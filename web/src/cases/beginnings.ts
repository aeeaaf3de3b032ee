import type { CaseDocument, OptionDocument } from '../api/client'
import { monthsBetween } from '../entry/date'
import { PAYMENTS_PER_YEAR } from '../format/conventions'
import { withoutHome } from '../casefile/option'
import { withFourth } from './fourthFigure'
import { solve } from './solve'

/** What a case begins from. */
export type Beginning = 'purchase' | 'running' | 'original' | 'renewal'

export const BEGINNING_WORDS: Record<Beginning, string> = {
  purchase: 'A home to be bought',
  running: 'A loan that runs: to refinance it',
  original: 'A loan that runs, from its original terms',
  renewal: 'A rate that ends: to renew it',
}

/** A loan that runs or whose rate ends, as it stands. */
export type PresentLoan = {
  balanceCents: number
  ratePercent: number
  paymentCents: number
  /** Of the amortization. */
  monthsLeft: number
}

/** A loan as it was agreed, from which follows how it stands. */
export type OriginalLoan = {
  loanCents: number
  ratePercent: number
  amortizationMonths: number
  firstPayment: string
}

/** The case to compare staying with a loan that runs with refinancing it: the loan is its one option, and what it takes is kept. */
export const ofRunningLoan = (start: CaseDocument, loan: PresentLoan): CaseDocument =>
  withLoan(start, loan, (option) => ({
    ...option,
    name: 'Stay',
    features: { ...option.features, paymentCents: loan.paymentCents },
  }))

/** The case to compare rates for a loan whose rate ends: its balance over what is left, beside what is paid today. */
export const ofRenewal = (start: CaseDocument, loan: PresentLoan): CaseDocument =>
  withLoan(start, loan, (option) => option)

function withLoan(
  start: CaseDocument,
  loan: PresentLoan,
  make: (option: OptionDocument) => OptionDocument,
): CaseDocument {
  const [first, ...others] = start.options
  if (!first) return start
  const option: OptionDocument = {
    ...first,
    financing: { kind: 'LOAN_ONLY', loanCents: loan.balanceCents },
    terms: {
      ...first.terms,
      ratePercent: loan.ratePercent,
      amortizationMonths: loan.monthsLeft,
      rateTermMonths:
        first.terms.rateTermMonths === null ? null : Math.min(first.terms.rateTermMonths, loan.monthsLeft),
    },
    // Nothing is known of the home: no tax and insurance of the market's usual one.
    housing: withoutHome(first).housing,
  }
  return {
    ...start,
    presentPayment: { cents: loan.paymentCents, frequency: option.terms.frequency },
    options: [make(option), ...others],
  }
}

/** How a loan stands at the next case's first payment, by its original terms and the conventions of its market. */
export async function presentOf(start: CaseDocument, original: OriginalLoan): Promise<PresentLoan> {
  const [option] = start.options
  if (!option) throw new Error('a case begins with an option')
  const { firstPayment } = option.terms
  const { loanCents, ratePercent, amortizationMonths } = original
  const perYear = PAYMENTS_PER_YEAR[option.terms.frequency]
  const passed = Math.max(0, monthsBetween(original.firstPayment, firstPayment ?? original.firstPayment))
  const given = {
    loanCents,
    ratePercent,
    payments: Math.round((amortizationMonths * perYear) / MONTHS_A_YEAR),
  }
  const { cents: payment } = await solve(option, 'PAYMENT', given)
  const paymentCents = payment ?? 0
  const afterPayments = Math.floor((passed * perYear) / MONTHS_A_YEAR)
  const { cents: balance } = await solve(option, 'BALANCE', { ...given, paymentCents, afterPayments })
  return {
    balanceCents: balance ?? 0,
    ratePercent,
    paymentCents,
    monthsLeft: amortizationMonths - passed,
  }
}

const MONTHS_A_YEAR = 12

/**
 * The document that a case begins with.
 *
 * @throws Error if something of the loan is still to be entered
 */
export async function begunFrom(
  beginning: Beginning,
  start: CaseDocument,
  entries: Partial<PresentLoan & OriginalLoan>,
): Promise<CaseDocument> {
  switch (beginning) {
    case 'purchase':
      return start
    case 'running':
      return ofRunningLoan(start, await withFourth(start, entries))
    case 'renewal':
      return ofRenewal(start, complete(entries, PRESENT))
    case 'original':
      return ofRunningLoan(start, await presentOf(start, complete(entries, ORIGINAL)))
  }
}

const PRESENT: readonly (keyof PresentLoan)[] = ['balanceCents', 'ratePercent', 'paymentCents', 'monthsLeft']
const ORIGINAL: readonly (keyof OriginalLoan)[] = [
  'loanCents',
  'ratePercent',
  'amortizationMonths',
  'firstPayment',
]

function complete<T extends object>(entries: Partial<T>, needed: readonly (keyof T)[]): T {
  if (needed.some((field) => entries[field] === undefined)) {
    throw new Error('Enter each figure of the loan.')
  }
  return entries as T
}
