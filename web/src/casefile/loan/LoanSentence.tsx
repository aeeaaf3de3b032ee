import { Fragment } from 'react'
import type { OptionDocument } from '../../api/client'
import { addMonths, readDay } from '../../entry/date'
import { readRate } from '../../entry/percent'
import { readTerm } from '../../entry/term'
import { formatDay } from '../../format/date'
import { formatPercent } from '../../format/percent'
import { formatTerm } from '../../format/term'
import { Choice } from '../../sentence/Choice'
import { Figure } from '../../sentence/Figure'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { withFrequency } from '../featureLists'
import { purchaseOf, refinancingOf, withTerms } from '../option'
import { FREQUENCY_WORDS } from '../../format/conventions'
import { useAsk } from '../target/useAsk'
import { AndMenu } from './AndMenu'
import { ClauseMark } from './ClauseMark'
import { clausesOf } from '../clauses/clauses'
import { LoanFigure, PurchaseClause } from './PurchaseClause'
import { BorrowedFigure, RefinancingClause } from './RefinancingClause'
import { RATE_STEP_PERCENT, settled, TERM_STEP_MONTHS } from '../clauses/steps'
import { LetFor } from '../rental/LetFor'
import { useWas } from '../clauses/useWas'

/** From so many clauses on the sentence is set smaller, so that the figures below stay in sight. */
const MANY_CLAUSES = 2

/** The loan as a sentence whose figures are its controls. Read aloud, it describes the loan completely. */
export function LoanSentence() {
  const { option } = useOption()
  const clauses = clausesOf(option)
  const isLet = Boolean(useOpenCase().document.letting)
  const purchase = purchaseOf(option)
  const refinancing = refinancingOf(option)
  return (
    <p className="sentence" data-long={clauses.length >= MANY_CLAUSES || undefined} data-testid="sentence">
      {purchase ? (
        <PurchaseClause purchase={purchase} />
      ) : refinancing ? (
        <RefinancingClause refinancing={refinancing} />
      ) : (
        'Borrowing '
      )}
      {refinancing ? <BorrowedFigure /> : <LoanFigure />} at <RateFigure /> over <TermFigure /> paid{' '}
      <FrequencyFigure /> from <FirstPaymentFigure after={clauses.length === 0 && !isLet ? '.' : ','} />
      {clauses.map(({ pointer, say }, index) => (
        <Fragment key={pointer}>
          {' '}
          {say(index === clauses.length - 1 && !isLet ? '.' : ',')}
          <ClauseMark pointer={pointer} />
        </Fragment>
      ))}
      {isLet && (
        <>
          {' '}
          let <LetFor after="." />
        </>
      )}{' '}
      <AndMenu />
    </p>
  )
}

const rateText = (option: OptionDocument) => formatPercent(option.terms.ratePercent)
const termText = (option: OptionDocument) => formatTerm(option.terms.amortizationMonths)

function RateFigure() {
  const { option, at, change } = useOption()
  return (
    <Figure
      label="Interest rate"
      pointer={`${at}/terms/ratePercent`}
      text={rateText(option)}
      was={useWas()(rateText)}
      read={readRate}
      inputMode="decimal"
      take={(ratePercent) => change(withTerms({ ratePercent }))}
      nudge={(steps) =>
        change(withTerms({ ratePercent: settled(option.terms.ratePercent + steps * RATE_STEP_PERCENT) }))
      }
      ask={useAsk()}
    />
  )
}

function TermFigure() {
  const { option, at, change } = useOption()
  return (
    <Figure
      label="Term"
      after=","
      pointer={`${at}/terms/amortizationMonths`}
      text={termText(option)}
      was={useWas()(termText)}
      read={readTerm}
      take={(amortizationMonths) => change(withTerms({ amortizationMonths }))}
      nudge={(steps) =>
        change(
          withTerms({
            amortizationMonths: Math.max(1, option.terms.amortizationMonths + steps * TERM_STEP_MONTHS),
          }),
        )
      }
      ask={useAsk()}
    />
  )
}

function FrequencyFigure() {
  const { option, apply } = useOption()
  return (
    <Choice
      label="Payment frequency"
      value={option.terms.frequency}
      was={useWas()((other) => other.terms.frequency)}
      words={FREQUENCY_WORDS}
      choose={(frequency) => {
        apply(withFrequency(frequency))
      }}
    />
  )
}

function FirstPaymentFigure({ after }: { after: string }) {
  const { locale } = useOpenCase()
  const { option, figures, at, change } = useOption()
  const firstPayment = option.terms.firstPayment ?? figures.firstPaymentDate
  const was = useWas()((other) => formatDay(other.terms.firstPayment ?? firstPayment, locale))
  return (
    <Figure
      label="First payment"
      after={after}
      pointer={`${at}/terms/firstPayment`}
      text={formatDay(firstPayment, locale)}
      was={was}
      read={(text) => readDay(text, locale)}
      take={(day) => change(withTerms({ firstPayment: day }))}
      nudge={(steps) => change(withTerms({ firstPayment: addMonths(firstPayment, steps) }))}
    />
  )
}
