import type { BuydownDocument, ClosingDocument, OptionDocument } from '../../api/client'
import { readAmount } from '../../entry/amount'
import { readPercent } from '../../entry/percent'
import { readPercents } from '../../entry/percents'
import { readTerm } from '../../entry/term'
import { formatEntry } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { formatTerm } from '../../format/term'
import { Choice } from '../../sentence/Choice'
import { Figure } from '../../sentence/Figure'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { monthsOf, paymentsIn } from '../clauses'
import { withClosing, withFeatures, withTerms } from '../option'
import { PAYER_WORDS } from '../../format/conventions'
import {
  AMOUNT_STEP_CENTS,
  EXTRA_STEP_CENTS,
  notNegative,
  RATE_STEP_PERCENT,
  settled,
  TERM_STEP_MONTHS,
} from './steps'
import { useWas } from './useWas'

type ClauseProps = { after: string }
type UpfrontPremium = NonNullable<ClosingDocument['upfrontPremium']>

const orNothing = <T,>(value: T | null, say: (value: T) => string) => (value === null ? '' : say(value))

const rateTermText = (option: OptionDocument) => orNothing(option.terms.rateTermMonths, formatTerm)

/** A rate fixed for less than the whole term. */
export function RateTermClause({ after }: ClauseProps) {
  const { words } = useOpenCase()
  const { option, at, change } = useOption()
  const months = option.terms.rateTermMonths ?? 0
  return (
    <>
      {words.rateTerm}{' '}
      <Figure
        label={words.ratePeriod}
        after={after}
        pointer={`${at}/terms/rateTermMonths`}
        text={rateTermText(option)}
        was={useWas()(rateTermText)}
        read={readTerm}
        take={(rateTermMonths) => change(withTerms({ rateTermMonths }))}
        clear={() => change(withTerms({ rateTermMonths: null }))}
        nudge={(steps) =>
          change(withTerms({ rateTermMonths: Math.max(1, months + steps * TERM_STEP_MONTHS) }))
        }
      />
    </>
  )
}

const premiumText = ({ closing }: OptionDocument) =>
  orNothing(closing.upfrontPremium, ({ percent }) => formatPercent(percent))
const premiumHow = ({ closing }: OptionDocument) => (closing.upfrontPremium?.financed ? 'added' : 'paid')
const PREMIUM_WORDS = { added: 'added to the loan', paid: 'paid upfront' } as const

/** An upfront premium. */
export function UpfrontPremiumClause({ premium, after }: ClauseProps & { premium: UpfrontPremium }) {
  const { store } = useOpenCase()
  const { option, at, change } = useOption()
  const set = (fields: Partial<UpfrontPremium>) =>
    change(withClosing({ upfrontPremium: { ...premium, ...fields } }))
  return (
    <>
      with a premium of{' '}
      <Figure
        label="Upfront premium"
        pointer={`${at}/closing/upfrontPremium/percent`}
        text={premiumText(option)}
        was={useWas()(premiumText)}
        read={readPercent}
        inputMode="decimal"
        take={(percent) => set({ percent })}
        clear={() => change(withClosing({ upfrontPremium: null }))}
        nudge={(steps) => set({ percent: settled(premium.percent + steps * RATE_STEP_PERCENT) })}
      />{' '}
      <span className="whitespace-nowrap">
        <Choice
          label="How the upfront premium is paid"
          value={premiumHow(option)}
          was={useWas()(premiumHow)}
          words={PREMIUM_WORDS}
          choose={(how) => {
            set({ financed: how === 'added' })
            store.settle()
          }}
        />
        {after}
      </span>
    </>
  )
}

const interestOnlyText = ({ features, terms }: OptionDocument) =>
  orNothing(features.interestOnlyPayments, (payments) => formatTerm(monthsOf(payments, terms.frequency)))

/** An interest-only period. */
export function InterestOnlyClause({ after }: ClauseProps) {
  const { option, at, change } = useOption()
  const { frequency } = option.terms
  const months = monthsOf(option.features.interestOnlyPayments ?? 0, frequency)
  const take = (wanted: number) =>
    change(withFeatures({ interestOnlyPayments: paymentsIn(wanted, frequency) }))
  return (
    <>
      the first{' '}
      <Figure
        label="Interest-only period"
        pointer={`${at}/features/interestOnlyPayments`}
        text={interestOnlyText(option)}
        was={useWas()(interestOnlyText)}
        read={readTerm}
        take={take}
        clear={() => change(withFeatures({ interestOnlyPayments: null }))}
        nudge={(steps) => take(Math.max(TERM_STEP_MONTHS, months + steps * TERM_STEP_MONTHS))}
      />{' '}
      <span className="whitespace-nowrap">interest-only{after}</span>
    </>
  )
}

const customText = (option: OptionDocument) => orNothing(option.features.paymentCents, formatEntry)

/** A custom payment. */
export function CustomPaymentClause({ after }: ClauseProps) {
  const { option, at, change } = useOption()
  const cents = option.features.paymentCents ?? 0
  return (
    <>
      paying{' '}
      <Figure
        label="Custom payment"
        pointer={`${at}/features/paymentCents`}
        text={customText(option)}
        was={useWas()(customText)}
        read={readAmount}
        inputMode="decimal"
        take={(paymentCents) => change(withFeatures({ paymentCents }))}
        clear={() => change(withFeatures({ paymentCents: null }))}
        nudge={(steps) =>
          change(withFeatures({ paymentCents: notNegative(cents + steps * EXTRA_STEP_CENTS) }))
        }
      />{' '}
      <span className="whitespace-nowrap">each time{after}</span>
    </>
  )
}

const reductionsText = ({ features }: OptionDocument) =>
  orNothing(features.buydown, ({ reductionsPercent }) =>
    reductionsPercent.map((points) => formatPercent(points)).join(', '),
  )
const NUMBERS = ['', 'first year', 'first two years', 'first three years']

/** A temporary buydown: payments reduced for the first years, out of a subsidy. */
export function BuydownClause({ buydown, after }: ClauseProps & { buydown: BuydownDocument }) {
  const { store } = useOpenCase()
  const { option, at, change } = useOption()
  const here = `${at}/features/buydown`
  const set = (fields: Partial<BuydownDocument>) =>
    change(withFeatures({ buydown: { ...buydown, ...fields } }))
  return (
    <>
      bought down by{' '}
      <Figure
        label="Rate reductions by year"
        pointer={`${here}/reductionsPercent`}
        also={[0, 1, 2].map((year) => `${here}/reductionsPercent/${year}`)}
        text={reductionsText(option)}
        was={useWas()(reductionsText)}
        read={readPercents}
        take={(reductionsPercent) => set({ reductionsPercent })}
        clear={() => change(withFeatures({ buydown: null }))}
      />{' '}
      in the {NUMBERS[buydown.reductionsPercent.length] ?? 'first years'} by{' '}
      <span className="whitespace-nowrap">
        <Choice
          label="Buydown paid by"
          value={buydown.paidBy}
          was={useWas()((baseline) => baseline.features.buydown?.paidBy ?? buydown.paidBy)}
          words={PAYER_WORDS}
          choose={(paidBy) => {
            set({ paidBy })
            store.settle()
          }}
        />
        {after}
      </span>
    </>
  )
}

const balloonText = (option: OptionDocument) => orNothing(option.features.balloonCents, formatEntry)

/** A balloon payment. */
export function BalloonClause({ after }: ClauseProps) {
  const { option, at, change } = useOption()
  const cents = option.features.balloonCents ?? 0
  return (
    <>
      with a balloon payment of{' '}
      <Figure
        label="Balloon payment"
        pointer={`${at}/features/balloonCents`}
        text={balloonText(option)}
        was={useWas()(balloonText)}
        read={readAmount}
        inputMode="decimal"
        take={(balloonCents) => change(withFeatures({ balloonCents }))}
        clear={() => change(withFeatures({ balloonCents: null }))}
        nudge={(steps) =>
          change(withFeatures({ balloonCents: notNegative(cents + steps * AMOUNT_STEP_CENTS) }))
        }
      />{' '}
      <span className="whitespace-nowrap">at the end{after}</span>
    </>
  )
}
