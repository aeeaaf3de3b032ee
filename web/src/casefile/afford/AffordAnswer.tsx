import { formatAmount } from '../../format/amount'
import { Choice } from '../../sentence/Choice'
import { useOpenCase } from '../CaseContext'
import { Spoken } from '../Spoken'
import { withHousehold } from './household'
import { saidOf, unknownWords } from './readingWords'
import type { Affordability, Held } from './useAffordability'

type AffordAnswerProps = { affordability: Affordability; isCurrent: boolean }

/** The answer of the view: what is committed of what they earn, and whether the chosen limits allow it. */
export function AffordAnswer({ affordability, isCurrent }: AffordAnswerProps) {
  const { store, document } = useOpenCase()
  const { chosen, sets } = affordability
  const names = Object.fromEntries(sets.map(({ id, set }) => [id, set.name]))
  const { earns, said, untold } = answerOf(chosen)
  const set = (
    <Choice
      label="Limit set"
      value={chosen.id}
      words={names}
      choose={(limitSet) => {
        store.changeDocument(withHousehold(document, { limitSet }))
        store.settle()
      }}
    />
  )
  return (
    <>
      <p className="sentence" data-testid="answer">
        {earns}{' '}
        {said ? (
          <>
            {said.before}{' '}
            <b className={said.isMet ? undefined : 'text-over'} data-testid="reached">
              {said.figure}
            </b>
            {said.behind && ` ${said.behind}`}: <i>{said.verdict}</i> {set} {said.ends}
          </>
        ) : (
          <>Held against {set}.</>
        )}
        {untold && <span className="text-soft"> It cannot be told whole: {untold}.</span>}
      </p>
      <Spoken
        answer={
          said
            ? `${earns} ${said.before} ${said.figure} ${said.behind}: ${said.verdict} ${chosen.set.name} ${said.ends} ${untold}`
            : earns
        }
        isCurrent={isCurrent}
      />
    </>
  )
}

function answerOf({ view }: Held) {
  const earns = view.monthlyIncomeCents
    ? `They earn ${formatAmount(view.monthlyIncomeCents)} a month.`
    : 'No income is entered yet.'
  const deciding = view.binding === null ? undefined : view.readings[view.binding]
  const untold = view.monthlyIncomeCents
    ? [...new Set(view.readings.map(unknownWords))].filter((words) => words !== '').join(', ')
    : ''
  return { earns, said: deciding && { ...saidOf(deciding), isMet: deciding.isMet }, untold }
}
