import type { CaseDocument, OptionDocument, ComparedFigures } from '../../api/client'
import { addDays, addMonths } from '../../entry/date'
import { PAYMENTS_PER_YEAR } from '../../format/conventions'
import { settled } from '../clauses/steps'
import { taxAsAmount, withTerms } from '../option'

const MONTHS_A_YEAR = 12
const RATE_STEPS_PERCENT = [0, 0.5, 1]

/** The case for the day on which an option's rate ends, at its rate and above; null where the rate never ends. */
export function renewalOf(
  document: CaseDocument,
  option: OptionDocument,
  { rateEnd, paymentCents }: Pick<ComparedFigures, 'rateEnd' | 'paymentCents'>,
): CaseDocument | null {
  if (!rateEnd) return null
  const perYear = PAYMENTS_PER_YEAR[option.terms.frequency]
  const months = Math.floor((rateEnd.paymentsLeft * MONTHS_A_YEAR) / perYear)
  const renewed: OptionDocument = {
    ...option,
    name: null,
    financing: { kind: 'LOAN_ONLY', loanCents: rateEnd.balanceCents },
    terms: {
      ...option.terms,
      amortizationMonths: months,
      rateTermMonths:
        option.terms.rateTermMonths === null ? null : Math.min(months, option.terms.rateTermMonths),
      firstPayment: dayAfter(rateEnd.day, perYear),
    },
    closing: { day: null, items: [], upfrontPremium: null, debtsPaidOff: [] },
    housing: {
      ...option.housing,
      mortgageInsurancePercent: null,
      propertyTax: taxAsAmount(option),
    },
    features: {
      ...option.features,
      interestOnlyPayments: null,
      paymentCents: null,
      paymentSteps: [],
      extras: [],
      rateChanges: [],
      buydown: null,
    },
  }
  return {
    ...document,
    title: `${document.title}, renewal ${rateEnd.day.slice(0, 4)}`,
    presentPayment: { cents: paymentCents, frequency: option.terms.frequency },
    conclusion: null,
    pricedOn: null,
    options: RATE_STEPS_PERCENT.map((step, index) => ({
      ...withTerms({ ratePercent: settled(option.terms.ratePercent + step) })(renewed),
      id: `option-${index + 1}`,
    })),
  }
}

const DAYS_A_YEAR = 365

/** When the payment after one of a day is due: months later, or days where payments come more often. */
const dayAfter = (day: string, perYear: number) =>
  perYear > MONTHS_A_YEAR
    ? addDays(day, Math.floor(DAYS_A_YEAR / perYear))
    : addMonths(day, MONTHS_A_YEAR / perYear)
