import { formatAmount } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { formatTerm } from '../../format/term'
import { Figure } from '../../sentence/Figure'
import { Explained } from '../../working/Explained'
import { useOpenCase } from '../CaseContext'
import { hasAnswer, type Comparison } from './compared'
import { paidOutOn, readStay } from './stay'
import { useStay } from './useStay'
import { verdictOf, type Verdict } from './verdict'

type AnswerProps = { comparison: Comparison }

/** The answer of the view: which option costs least for as long as they keep it. */
export function AnswerSentence({ comparison }: AnswerProps) {
  const left = comparison.options.filter((option) => !hasAnswer(option))
  return (
    <p className="sentence" data-testid="answer">
      Kept for <StayFigure comparison={comparison} />{' '}
      <Said verdict={verdictOf(comparison)} base={comparison.base} />
      <Worth />
      {left.length > 0 && (
        <>
          {' '}
          <Titles of={left} /> {left.length === 1 ? 'has' : 'have'} no valid results.
        </>
      )}
    </p>
  )
}

function StayFigure({ comparison }: AnswerProps) {
  const { locale } = useOpenCase()
  const { keep } = useStay()
  const { base, view } = comparison
  const from = paidOutOn(base.option, base.answer.figures.firstPaymentDate)
  return (
    <Figure
      label="How long they keep it"
      after=","
      pointer="/assumptions/keptMonths"
      text={formatTerm(view.keptMonths)}
      read={(text) => readStay(text, locale, from)}
      take={keep}
      nudge={(steps) => keep(view.keptMonths + steps * MONTHS_A_STEP)}
    />
  )
}

const MONTHS_A_STEP = 12

function Said({ verdict, base }: { verdict: Verdict; base: Comparison['base'] }) {
  switch (verdict.kind) {
    case 'only':
      return (
        <>
          {verdict.option.isBaseline ? 'this loan' : <Titles of={[verdict.option]} />} costs{' '}
          <Explained figure="KEPT_COST" subject={{ of: 'kept' }}>
            {formatAmount(verdict.option.answer.kept.costCents)}
          </Explained>{' '}
          in all.
        </>
      )
    case 'tie':
      return verdict.areAll ? (
        <>all options cost the same.</>
      ) : (
        <>
          <Titles of={verdict.options} /> cost the same, and less than any other.
        </>
      )
    case 'baseline':
      return (
        <>
          <Titles of={[base]} /> costs least: <Amount cents={verdict.lessCents} /> less than{' '}
          <Titles of={[verdict.next]} />, which costs <AMonth cents={verdict.moreAMonthCents} />.
        </>
      )
    case 'other':
      return (
        <>
          <Titles of={[verdict.option]} /> costs least: <Amount cents={verdict.lessCents} /> less than{' '}
          <Titles of={[base]} />, for <AMonth cents={verdict.moreAMonthCents} />.
        </>
      )
  }
}

function Titles({ of }: { of: readonly { title: string; option: { id: string } }[] }) {
  return of.map(({ title, option }, index) => (
    <span key={option.id}>
      {index > 0 && (index === of.length - 1 ? ' and ' : ', ')}
      {title === 'Baseline' ? 'the baseline' : <i>{title}</i>}
    </span>
  ))
}

const Amount = ({ cents }: { cents: number }) => (
  <span className="whitespace-nowrap">{formatAmount(cents)}</span>
)

function AMonth({ cents }: { cents: number }) {
  if (cents === 0) return <>the same a month</>
  return (
    <>
      <Amount cents={Math.abs(cents)} /> {cents > 0 ? 'more' : 'less'} a month
    </>
  )
}

/** What money counts for, where it is not just as it is paid. */
function Worth() {
  const { discountPercent, marginalTaxPercent } = useOpenCase().document.assumptions
  const said = [
    discountPercent ? `in today’s money at ${formatPercent(discountPercent)}` : '',
    marginalTaxPercent ? `with ${formatPercent(marginalTaxPercent)} tax relief on interest` : '',
  ].filter((each) => each !== '')
  if (said.length === 0) return null
  const words = said.join(', ')
  return <span className="text-soft"> {words.charAt(0).toUpperCase() + words.slice(1)}.</span>
}
