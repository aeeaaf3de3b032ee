import type { BuydownDocument, OptionDocument, RateChangeDocument } from '../../api/client'
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
import { monthsOf, paymentsIn, withoutRateChange, withRateChange } from '../clauses'
import { withClosing, withFields } from '../option'
import { PAYER_WORDS } from '../words'
import {
  AMOUNT_STEP_CENTS,
  EXTRA_STEP_CENTS,
  notNegative,
  RATE_STEP_PERCENT,
  settled,
  TERM_STEP_MONTHS,
} from './steps'
import { TimeFigure } from './TimeFigure'
import { fromOf } from './timeText'
import { useWas } from './useWas'

type ClauseProps = { after: string }

const orNothing = <T,>(value: T | null, say: (value: T) => string) => (value === null ? '' : say(value))

const rateTermText = (option: OptionDocument) => orNothing(option.rateTermMonths, formatTerm)

/** The rate agreed for less than the whole term. */
export function RateTermClause({ after }: ClauseProps) {
  const { store, option, words, at } = useOpenCase()
  const months = option.rateTermMonths ?? 0
  return (
    <>
      {words.rateTerm}{' '}
      <Figure
        label="Term of the rate"
        after={after}
        pointer={`${at}/rateTermMonths`}
        text={rateTermText(option)}
        was={useWas()(rateTermText)}
        read={readTerm}
        take={(rateTermMonths) => store.changeOption(withFields({ rateTermMonths }))}
        clear={() => store.changeOption(withFields({ rateTermMonths: null }))}
        nudge={(steps) =>
          store.changeOption(withFields({ rateTermMonths: Math.max(1, months + steps * TERM_STEP_MONTHS) }))
        }
      />
    </>
  )
}

const premiumText = (option: OptionDocument) =>
  orNothing(option.closing?.upfrontPremiumPercent ?? null, formatPercent)
const premiumHow = (option: OptionDocument) => (option.closing?.upfrontPremiumFinanced ? 'added' : 'paid')
const PREMIUM_WORDS = { added: 'added to the loan', paid: 'paid at once' } as const

/** A premium due once. */
export function UpfrontPremiumClause({ after }: ClauseProps) {
  const { store, option, at } = useOpenCase()
  const percent = option.closing?.upfrontPremiumPercent ?? 0
  return (
    <>
      with a premium of{' '}
      <Figure
        label="Upfront premium"
        pointer={`${at}/closing/upfrontPremiumPercent`}
        text={premiumText(option)}
        was={useWas()(premiumText)}
        read={readPercent}
        take={(upfrontPremiumPercent) => store.changeOption(withClosing({ upfrontPremiumPercent }))}
        clear={() =>
          store.changeOption(withClosing({ upfrontPremiumPercent: null, upfrontPremiumFinanced: null }))
        }
        nudge={(steps) =>
          store.changeOption(
            withClosing({ upfrontPremiumPercent: settled(percent + steps * RATE_STEP_PERCENT) }),
          )
        }
      />{' '}
      <span className="whitespace-nowrap">
        <Choice
          label="How the premium is paid"
          value={premiumHow(option)}
          was={useWas()(premiumHow)}
          words={PREMIUM_WORDS}
          choose={(how) => {
            store.changeOption(withClosing({ upfrontPremiumFinanced: how === 'added' }))
            store.settle()
          }}
        />
        {after}
      </span>
    </>
  )
}

const interestOnlyText = ({ interestOnlyPayments, frequency }: OptionDocument) =>
  orNothing(interestOnlyPayments, (payments) => formatTerm(monthsOf(payments, frequency)))

/** Interest alone at first. */
export function InterestOnlyClause({ after }: ClauseProps) {
  const { store, option, at } = useOpenCase()
  const { frequency } = option
  const months = monthsOf(option.interestOnlyPayments ?? 0, frequency)
  const take = (wanted: number) =>
    store.changeOption(withFields({ interestOnlyPayments: paymentsIn(wanted, frequency) }))
  return (
    <>
      the first{' '}
      <Figure
        label="Interest-only time"
        pointer={`${at}/interestOnlyPayments`}
        text={interestOnlyText(option)}
        was={useWas()(interestOnlyText)}
        read={readTerm}
        take={take}
        clear={() => store.changeOption(withFields({ interestOnlyPayments: null }))}
        nudge={(steps) => take(Math.max(TERM_STEP_MONTHS, months + steps * TERM_STEP_MONTHS))}
      />{' '}
      <span className="whitespace-nowrap">at interest alone{after}</span>
    </>
  )
}

const chosenText = (option: OptionDocument) => orNothing(option.chosenPaymentCents, formatEntry)

/** A payment that the client chose. */
export function ChosenPaymentClause({ after }: ClauseProps) {
  const { store, option, at } = useOpenCase()
  const cents = option.chosenPaymentCents ?? 0
  return (
    <>
      paying{' '}
      <Figure
        label="Chosen payment"
        pointer={`${at}/chosenPaymentCents`}
        text={chosenText(option)}
        was={useWas()(chosenText)}
        read={readAmount}
        take={(chosenPaymentCents) => store.changeOption(withFields({ chosenPaymentCents }))}
        clear={() => store.changeOption(withFields({ chosenPaymentCents: null }))}
        nudge={(steps) =>
          store.changeOption(
            withFields({ chosenPaymentCents: notNegative(cents + steps * EXTRA_STEP_CENTS) }),
          )
        }
      />{' '}
      <span className="whitespace-nowrap">each time{after}</span>
    </>
  )
}

const reductionsText = ({ buydown }: OptionDocument) =>
  orNothing(buydown, ({ reductionsPercent }) =>
    reductionsPercent.map((points) => formatPercent(points)).join(', '),
  )
const NUMBERS = ['', 'first year', 'first two years', 'first three years']

/** Payments reduced for the first years, out of a paid-in subsidy. */
export function BuydownClause({ buydown, after }: ClauseProps & { buydown: BuydownDocument }) {
  const { store, option, at } = useOpenCase()
  const here = `${at}/buydown`
  const set = (fields: Partial<BuydownDocument>) =>
    store.changeOption(withFields({ buydown: { ...buydown, ...fields } }))
  return (
    <>
      bought down by{' '}
      <Figure
        label="Reductions of the rate, year by year"
        pointer={`${here}/reductionsPercent`}
        also={[0, 1, 2].map((year) => `${here}/reductionsPercent/${year}`)}
        text={reductionsText(option)}
        was={useWas()(reductionsText)}
        read={readPercents}
        take={(reductionsPercent) => set({ reductionsPercent })}
        clear={() => store.changeOption(withFields({ buydown: null }))}
      />{' '}
      in the {NUMBERS[buydown.reductionsPercent.length] ?? 'first years'} by{' '}
      <span className="whitespace-nowrap">
        <Choice
          label="Who pays the subsidy"
          value={buydown.payer}
          was={useWas()((baseline) => baseline.buydown?.payer ?? buydown.payer)}
          words={PAYER_WORDS}
          choose={(payer) => {
            set({ payer })
            store.settle()
          }}
        />
        {after}
      </span>
    </>
  )
}

type RateChangeClauseProps = ClauseProps & { change: RateChangeDocument; index: number }

/** Another rate from a point on. */
export function RateChangeClause({ change, index, after }: RateChangeClauseProps) {
  const { store, at } = useOpenCase()
  const here = `${at}/rateChanges/${index}`
  const was = useWas()((baseline) => baseline.rateChanges[index] ?? null)
  return (
    <>
      then at{' '}
      <Figure
        label="Later rate"
        pointer={`${here}/ratePercent`}
        text={formatPercent(change.ratePercent)}
        was={was === undefined ? undefined : was === null ? '' : formatPercent(was.ratePercent)}
        read={readPercent}
        take={(ratePercent) => store.changeOption(withRateChange(index, { ratePercent }))}
        clear={() => store.changeOption(withoutRateChange(index))}
        nudge={(steps) =>
          store.changeOption(
            withRateChange(index, { ratePercent: settled(change.ratePercent + steps * RATE_STEP_PERCENT) }),
          )
        }
      />{' '}
      from{' '}
      <TimeFigure
        label="From when it applies"
        pointer={here}
        also={[`${here}/fromDay`, `${here}/fromPayment`]}
        time={{ payment: change.fromPayment, day: change.fromDay }}
        was={was && { payment: was.fromPayment, day: was.fromDay }}
        take={(time) => store.changeOption(withRateChange(index, fromOf(time)))}
        after={after}
      />
    </>
  )
}

const residualText = (option: OptionDocument) => orNothing(option.residualCents, formatEntry)

/** A balance left to pay at the end. */
export function ResidualClause({ after }: ClauseProps) {
  const { store, option, at } = useOpenCase()
  const cents = option.residualCents ?? 0
  return (
    <>
      leaving{' '}
      <Figure
        label="Balance left at the end"
        pointer={`${at}/residualCents`}
        text={residualText(option)}
        was={useWas()(residualText)}
        read={readAmount}
        take={(residualCents) => store.changeOption(withFields({ residualCents }))}
        clear={() => store.changeOption(withFields({ residualCents: null }))}
        nudge={(steps) =>
          store.changeOption(withFields({ residualCents: notNegative(cents + steps * AMOUNT_STEP_CENTS) }))
        }
      />{' '}
      <span className="whitespace-nowrap">to pay at the end{after}</span>
    </>
  )
}
