import { formatPercent } from '../../format/percent'
import { formatTerm } from '../../format/term'
import { Figure } from '../../sentence/Figure'
import { Explained } from '../../working/Explained'
import { useOpenCase } from '../CaseContext'
import { Spoken } from '../Spoken'
import { hasAnswer, type Comparison } from './compared'
import { paidOutOn, readStay } from './stay'
import { useStay } from './useStay'
import { verdictOf } from './verdict'
import { titles, verdictWords, type Said } from './verdictWords'

type AnswerProps = { comparison: Comparison }

/** The answer of the view: which option costs least for as long as they keep it. */
export function AnswerSentence({ comparison, isCurrent }: AnswerProps & { isCurrent: boolean }) {
  const left = comparison.options.filter((option) => !hasAnswer(option))
  const answer = verdictWords(verdictOf(comparison), comparison.base)
  const kept = `Kept for ${formatTerm(comparison.view.keptMonths)}, `
  return (
    <>
      <p className="sentence" data-testid="answer">
        Kept for <StayFigure comparison={comparison} /> <Words of={answer} />
        <Worth />
        {left.length > 0 && (
          <>
            {' '}
            <Words of={titles(left)} /> {left.length === 1 ? 'has' : 'have'} no valid results.
          </>
        )}
      </p>
      <Spoken answer={kept + answer.map(({ words }) => words).join('')} isCurrent={isCurrent} />
    </>
  )
}

function Words({ of }: { of: readonly Said[] }) {
  return of.map(({ words, is }, index) => {
    switch (is) {
      case 'title':
        return <i key={index}>{words}</i>
      case 'cost':
        return (
          <Explained key={index} figure="KEPT_COST" subject={{ of: 'kept' }}>
            {words}
          </Explained>
        )
      case undefined:
        return <span key={index}>{words}</span>
    }
  })
}

const MONTHS_A_STEP = 12

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
