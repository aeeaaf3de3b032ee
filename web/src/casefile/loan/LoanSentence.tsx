import { readAmount } from '../../entry/amount'
import { addMonths, readDay } from '../../entry/date'
import { readPercent } from '../../entry/percent'
import { read, type Reading } from '../../entry/reading'
import { readTerm } from '../../entry/term'
import { formatEntry } from '../../format/amount'
import { formatDay } from '../../format/date'
import { formatPercent } from '../../format/percent'
import { formatTerm } from '../../format/term'
import { Choice } from '../../sentence/Choice'
import { Figure } from '../../sentence/Figure'
import { useOpenCase } from '../CaseContext'
import { asLoanAlone, withDownAmount, withDownPercent, withFields, withLoan } from '../option'
import { FREQUENCY_WORDS } from '../words'
import { AndMenu } from './AndMenu'

const AT = '/options/0'
const AMOUNT_STEP_CENTS = 1000_00
const RATE_STEP_PERCENT = 0.125
const TERM_STEP_MONTHS = 12

const notNegative = (value: number) => Math.max(0, value)
/** Sums of decimals such as 6.1 + 0.125 without the tail that binary fractions leave. */
const settled = (percent: number) => Number(notNegative(percent).toFixed(6))

/** The loan as a sentence whose figures are its controls. */
export function LoanSentence() {
  const { option } = useOpenCase()
  return (
    <p className="sentence" data-testid="sentence">
      {option.priceCents === null ? 'Borrowing ' : <PurchaseClause priceCents={option.priceCents} />}
      <LoanFigure /> at <RateFigure /> over <TermFigure /> paid <FrequencyFigure /> from{' '}
      <FirstPaymentFigure /> <AndMenu />
    </p>
  )
}

function PurchaseClause({ priceCents }: { priceCents: number }) {
  const { store, figures } = useOpenCase()
  return (
    <>
      Buying for{' '}
      <Figure
        label="Price"
        pointer={`${AT}/priceCents`}
        text={formatEntry(priceCents)}
        read={readAmount}
        take={(cents) => store.changeBaseline(withFields({ priceCents: cents }))}
        clear={() => store.changeBaseline(asLoanAlone(figures.loanCents))}
        nudge={(steps) =>
          store.changeBaseline(
            withFields({ priceCents: notNegative(priceCents + steps * AMOUNT_STEP_CENTS) }),
          )
        }
      />{' '}
      with <DownFigure /> down, borrowing{' '}
    </>
  )
}

type Down = { unit: 'percent' | 'cents'; value: number }

/** Money down as typed: with a percent sign a share; a bare number up to 100 stays one where it was one. */
function readDown(text: string, wasShare: boolean): Reading<Down> {
  const bare = readPercent(text)
  const isShare = text.includes('%') || (wasShare && bare.status === 'read' && bare.value <= 100)
  if (isShare) return bare.status === 'read' ? read({ unit: 'percent', value: bare.value }) : bare
  const amount = readAmount(text)
  return amount.status === 'read' ? read({ unit: 'cents', value: amount.value }) : amount
}

function DownFigure() {
  const { store, option } = useOpenCase()
  const { downPercent } = option
  const downCents = option.downCents ?? 0
  const take = (down: Down) =>
    store.changeBaseline(down.unit === 'percent' ? withDownPercent(down.value) : withDownAmount(down.value))
  return (
    <Figure
      label="Money down, as an amount or a percentage"
      pointer={downPercent === null ? `${AT}/downCents` : `${AT}/downPercent`}
      text={downPercent === null ? formatEntry(downCents) : formatPercent(downPercent)}
      read={(text) => readDown(text, downPercent !== null)}
      take={take}
      nudge={(steps) =>
        take(
          downPercent === null
            ? { unit: 'cents', value: notNegative(downCents + steps * AMOUNT_STEP_CENTS) }
            : { unit: 'percent', value: settled(downPercent + steps) },
        )
      }
    />
  )
}

function LoanFigure() {
  const { store, figures, option } = useOpenCase()
  const loanCents = option.loanCents ?? figures.loanCents
  return (
    <Figure
      label="Loan amount"
      pointer={`${AT}/loanCents`}
      text={formatEntry(loanCents)}
      read={readAmount}
      take={(cents) => store.changeBaseline(withLoan(cents))}
      nudge={(steps) => store.changeBaseline(withLoan(notNegative(loanCents + steps * AMOUNT_STEP_CENTS)))}
    />
  )
}

function RateFigure() {
  const { store, option } = useOpenCase()
  return (
    <Figure
      label="Yearly rate"
      pointer={`${AT}/ratePercent`}
      text={formatPercent(option.ratePercent)}
      read={readPercent}
      take={(ratePercent) => store.changeBaseline(withFields({ ratePercent }))}
      nudge={(steps) =>
        store.changeBaseline(
          withFields({ ratePercent: settled(option.ratePercent + steps * RATE_STEP_PERCENT) }),
        )
      }
    />
  )
}

function TermFigure() {
  const { store, option } = useOpenCase()
  return (
    <Figure
      label="Term"
      after=","
      pointer={`${AT}/termMonths`}
      text={formatTerm(option.termMonths)}
      read={readTerm}
      take={(termMonths) => store.changeBaseline(withFields({ termMonths }))}
      nudge={(steps) =>
        store.changeBaseline(
          withFields({ termMonths: Math.max(1, option.termMonths + steps * TERM_STEP_MONTHS) }),
        )
      }
    />
  )
}

function FrequencyFigure() {
  const { store, option } = useOpenCase()
  return (
    <Choice
      label="How often it is paid"
      value={option.frequency}
      words={FREQUENCY_WORDS}
      choose={(frequency) => {
        store.changeBaseline(withFields({ frequency }))
        store.settle()
      }}
    />
  )
}

function FirstPaymentFigure() {
  const { store, option, figures, locale } = useOpenCase()
  const firstPayment = option.firstPayment ?? figures.firstPaymentDate
  return (
    <Figure
      label="First payment"
      after="."
      pointer={`${AT}/firstPayment`}
      text={formatDay(firstPayment, locale)}
      read={(text) => readDay(text, locale)}
      take={(firstPayment) => store.changeBaseline(withFields({ firstPayment }))}
      nudge={(steps) => store.changeBaseline(withFields({ firstPayment: addMonths(firstPayment, steps) }))}
    />
  )
}
