import type { ClosingItemDocument, ExtraDocument, OptionDocument } from '../../api/client'
import { formatEntry } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { formatTerm } from '../../format/term'
import { newId } from '../newId'
import {
  atLevelPayment,
  purchaseOf,
  share,
  withClosing,
  withFeatures,
  withHousing,
  withPurchase,
  withTerms,
  type OptionChange,
} from '../option'
import { withFrequency } from '../featureLists'
import { settled } from '../clauses/steps'
import type { Alternative, Start } from './alternative'
import { refinancings, renewals } from './presentLoan'

export type AlternativeGroup = { heading: string; alternatives: readonly Alternative[] }

/** The ready-made alternatives to an option, in groups. */
export function alternativesTo(start: Start): AlternativeGroup[] {
  return [
    { heading: 'Term', alternatives: terms(start) },
    { heading: start.words.downPayment, alternatives: downPayments(start) },
    { heading: 'Rate', alternatives: start.isRenewal ? renewals(start) : rates(start) },
    { heading: 'Paying more', alternatives: extras(start) },
    { heading: 'Instead of the present loan', alternatives: refinancings(start) },
  ].filter(({ alternatives }) => alternatives.length > 0)
}

const MONTHS_A_YEAR = 12
const USUAL_TERMS_MONTHS = [120, 180, 240, 300, 360, 480]

/** The next usual terms below and above. */
function terms({ option }: Start): Alternative[] {
  const { amortizationMonths } = option.terms
  const half = amortizationMonths / 2
  const shorter = USUAL_TERMS_MONTHS.filter((months) => months < amortizationMonths)
  const near = shorter.findLast((months) => months <= half) ?? shorter.at(-1)
  const longer = USUAL_TERMS_MONTHS.find((months) => months > amortizationMonths)
  return [...new Set([near, shorter.at(-1), longer])].flatMap((months) =>
    months === undefined
      ? []
      : [
          {
            words: `${formatTerm(months)} instead of ${formatTerm(amortizationMonths)}`,
            change: (from) =>
              withTerms({
                amortizationMonths: months,
                rateTermMonths:
                  option.terms.rateTermMonths === null ? null : Math.min(months, option.terms.rateTermMonths),
              })(atLevelPayment(from)),
          },
        ],
  )
}

const INSURED_BELOW_PERCENT = 20
const USUAL_PREMIUM_PERCENT = 0.6
const USUAL_DOWN_PERCENTS = [5, 10, 15, 20, 25, 30, 40]

/** The next usual shares below and above, with mortgage insurance as far as it is then due. */
function downPayments({ option, figures, words }: Start): Alternative[] {
  const percent = figures.downPercent
  if (purchaseOf(option) === null || percent === null) return []
  const more = USUAL_DOWN_PERCENTS.find((each) => each > percent)
  const less = USUAL_DOWN_PERCENTS.findLast((each) => each < percent)
  return [more, less].flatMap((wanted) => {
    if (wanted === undefined) return []
    const isInsured = wanted < INSURED_BELOW_PERCENT
    const wasInsured = percent < INSURED_BELOW_PERCENT
    const insurance =
      isInsured === wasInsured
        ? ''
        : isInsured
          ? `, with ${words.mortgageInsurance.toLowerCase()}`
          : `, without ${words.mortgageInsurance.toLowerCase()}`
    return [
      {
        words: `${formatPercent(wanted)} ${words.down}${insurance}`,
        change: (from: OptionDocument) =>
          withHousing({
            mortgageInsurancePercent:
              isInsured && !wasInsured
                ? (from.housing.mortgageInsurancePercent ?? USUAL_PREMIUM_PERCENT)
                : from.housing.mortgageInsurancePercent,
          })(withPurchase({ down: share(wanted) })(atLevelPayment(from))),
      },
    ]
  })
}

/** What one point is taken to lower the rate by where no rate table says. */
const RATE_OF_A_POINT_PERCENT = 0.25

/** A point for a lower rate, or a lender credit for a higher one, as they are usually priced. */
function rates({ option }: Start): Alternative[] {
  const { ratePercent } = option.terms
  const lower = settled(ratePercent - RATE_OF_A_POINT_PERCENT)
  const higher = settled(ratePercent + RATE_OF_A_POINT_PERCENT)
  return [
    {
      words: `1 point for ${formatPercent(lower)}`,
      change: (from) => withPoints(1)(withTerms({ ratePercent: lower })(atLevelPayment(from))),
    },
    {
      words: `lender credit of 1 % for ${formatPercent(higher)}`,
      change: (from) => withPoints(-1)(withTerms({ ratePercent: higher })(atLevelPayment(from))),
    },
  ]
}

/** Points in percent of the loan in place of what was paid or credited for the rate; a lender credit where they are negative. */
export const withPoints =
  (percent: number): OptionChange =>
  (option) => {
    const others = option.closing.items.filter(({ kind }) => kind !== 'POINTS' && kind !== 'LENDER_CREDIT')
    const item: ClosingItemDocument = {
      id: newId(),
      kind: percent > 0 ? 'POINTS' : 'LENDER_CREDIT',
      amount: share(Math.abs(percent)),
      paidBy: null,
    }
    return {
      ...withClosing({ items: percent === 0 ? others : [...others, item] })(option),
      pricedAt: null,
    }
  }

const ROUND_CENTS = 50_00
const EXTRA_OF_PAYMENT = 0.1

/** A tenth of the payment with each, a payment's worth once a year, and payments every two weeks. */
function extras({ option, figures }: Start): Alternative[] {
  const each = Math.max(
    ROUND_CENTS,
    Math.round((figures.paymentCents * EXTRA_OF_PAYMENT) / ROUND_CENTS) * ROUND_CENTS,
  )
  const yearly = Math.max(ROUND_CENTS, Math.round(figures.paymentCents / ROUND_CENTS) * ROUND_CENTS)
  const isMonthly = option.terms.frequency === 'MONTHLY'
  return [
    {
      words: `${formatEntry(each)} extra with each payment`,
      change: withExtra({ how: 'EACH_PAYMENT', cents: each, firstPayment: 1 }),
    },
    {
      words: `${formatEntry(yearly)} extra once a year`,
      change: withExtra({ how: 'EACH_YEAR', cents: yearly, firstPayment: MONTHS_A_YEAR }),
    },
    ...(isMonthly
      ? [{ words: 'half the payment every two weeks', change: withFrequency('ACCELERATED_BIWEEKLY') }]
      : []),
  ]
}

const withExtra =
  (extra: Pick<ExtraDocument, 'how' | 'cents' | 'firstPayment'>): OptionChange =>
  (option) =>
    withFeatures({
      extras: [
        ...option.features.extras,
        { id: newId(), firstDay: null, lastPayment: null, lastDay: null, ...extra },
      ],
    })(option)
