import { formatPercent } from '../../format/percent'
import { settled } from '../clauses/steps'
import { newId } from '../newId'
import { share, withTerms, type OptionChange } from '../option'
import type { Alternative, Start } from './alternative'

const LOWER_BY_PERCENT = 0.75
const USUAL_FEES_PERCENT = 1

/** The balance of the loan paid off by another one, with all debts of the case too where it has any. */
export function refinancings({ option, figures, debts, isRenewal, words }: Start): Alternative[] {
  if (option.financing.kind !== 'LOAN_ONLY' || isRenewal) return []
  const ratePercent = settled(option.terms.ratePercent - LOWER_BY_PERCENT)
  const refinance =
    (debtsPaidOff: string[], cashOutCents: number | null): OptionChange =>
    (from) => ({
      ...from,
      terms: { ...from.terms, ratePercent },
      features: { ...from.features, paymentCents: null, paymentSteps: [], extras: [] },
      closing: {
        ...from.closing,
        items: [{ id: newId(), kind: 'LOAN_FEE', amount: share(USUAL_FEES_PERCENT), paidBy: null }],
      },
      financing: {
        kind: 'REFINANCING',
        balanceCents: figures.baseLoanCents,
        debtsPaidOff,
        cashOutCents,
        costsFinanced: false,
        valueCents: null,
        valueEstimate: null,
      },
    })
  const at = `${words.refinance} at ${formatPercent(ratePercent)}`
  const all = debts.map(({ id }) => id)
  return [
    { words: at, change: refinance([], null) },
    ...(all.length > 0 ? [{ words: `${at}, debts paid off`, change: refinance(all, null) }] : []),
    { words: `${at}, with cash out`, change: refinance([], CASH_OUT_CENTS) },
  ]
}

const CASH_OUT_CENTS = 10_000_00
const RENEWAL_STEPS_PERCENT = [-0.5, 0.5, 1, 1.5]

/** A renewal at rates around the one it is shown at. */
export const renewals = ({ option }: Start): Alternative[] =>
  RENEWAL_STEPS_PERCENT.map((step) => settled(option.terms.ratePercent + step)).map((ratePercent) => ({
    words: `renewed at ${formatPercent(ratePercent)}`,
    change: withTerms({ ratePercent }),
  }))
