import { Fragment } from 'react'
import type { OptionDocument } from '../../api/client'
import { addMonths, readDay } from '../../entry/date'
import { readPercent } from '../../entry/percent'
import { readTerm } from '../../entry/term'
import { formatDay } from '../../format/date'
import { formatPercent } from '../../format/percent'
import { formatTerm } from '../../format/term'
import { Choice } from '../../sentence/Choice'
import { Figure } from '../../sentence/Figure'
import { useOpenCase } from '../CaseContext'
import { withFrequency } from '../clauses'
import { withFields } from '../option'
import { FREQUENCY_WORDS } from '../words'
import { useAsk } from '../wish/wishPanel'
import { AndMenu } from './AndMenu'
import { ClauseMark } from './ClauseMark'
import { clausesOf } from './clausesOf'
import { LoanFigure, PurchaseClause } from './PurchaseClause'
import { RATE_STEP_PERCENT, settled, TERM_STEP_MONTHS } from './steps'
import { useWas } from './useWas'

/** From so many clauses on the sentence is set smaller, so that the figures below stay in sight. */
const MANY_CLAUSES = 2

/** The loan as a sentence whose figures are its controls. Read aloud, it describes the loan completely. */
export function LoanSentence() {
  const { option } = useOpenCase()
  const clauses = clausesOf(option)
  return (
    <p className="sentence" data-long={clauses.length >= MANY_CLAUSES || undefined} data-testid="sentence">
      {option.priceCents === null ? 'Borrowing ' : <PurchaseClause priceCents={option.priceCents} />}
      <LoanFigure /> at <RateFigure /> over <TermFigure /> paid <FrequencyFigure /> from{' '}
      <FirstPaymentFigure after={clauses.length === 0 ? '.' : ','} />
      {clauses.map(({ pointer, say }, index) => (
        <Fragment key={pointer}>
          {' '}
          {say(index === clauses.length - 1 ? '.' : ',')}
          <ClauseMark pointer={pointer} />
        </Fragment>
      ))}{' '}
      <AndMenu />
    </p>
  )
}

const rateText = (option: OptionDocument) => formatPercent(option.ratePercent)
const termText = (option: OptionDocument) => formatTerm(option.termMonths)

function RateFigure() {
  const { store, option, at } = useOpenCase()
  return (
    <Figure
      label="Yearly rate"
      pointer={`${at}/ratePercent`}
      text={rateText(option)}
      was={useWas()(rateText)}
      read={readPercent}
      take={(ratePercent) => store.changeOption(withFields({ ratePercent }))}
      nudge={(steps) =>
        store.changeOption(
          withFields({ ratePercent: settled(option.ratePercent + steps * RATE_STEP_PERCENT) }),
        )
      }
      ask={useAsk()}
    />
  )
}

function TermFigure() {
  const { store, option, at } = useOpenCase()
  return (
    <Figure
      label="Term"
      after=","
      pointer={`${at}/termMonths`}
      text={termText(option)}
      was={useWas()(termText)}
      read={readTerm}
      take={(termMonths) => store.changeOption(withFields({ termMonths }))}
      nudge={(steps) =>
        store.changeOption(
          withFields({ termMonths: Math.max(1, option.termMonths + steps * TERM_STEP_MONTHS) }),
        )
      }
      ask={useAsk()}
    />
  )
}

function FrequencyFigure() {
  const { store, option } = useOpenCase()
  return (
    <Choice
      label="How often it is paid"
      value={option.frequency}
      was={useWas()((other) => other.frequency)}
      words={FREQUENCY_WORDS}
      choose={(frequency) => {
        store.changeOption(withFrequency(frequency))
        store.settle()
      }}
    />
  )
}

function FirstPaymentFigure({ after }: { after: string }) {
  const { store, option, figures, locale, at } = useOpenCase()
  const firstPayment = option.firstPayment ?? figures.firstPaymentDate
  const was = useWas()((other) => formatDay(other.firstPayment ?? firstPayment, locale))
  return (
    <Figure
      label="First payment"
      after={after}
      pointer={`${at}/firstPayment`}
      text={formatDay(firstPayment, locale)}
      was={was}
      read={(text) => readDay(text, locale)}
      take={(day) => store.changeOption(withFields({ firstPayment: day }))}
      nudge={(steps) => store.changeOption(withFields({ firstPayment: addMonths(firstPayment, steps) }))}
    />
  )
}
