import { Ledger } from '../ui/Ledger'
import { AnswerScope, AnswerStatus } from '../answer/AnswerScope'
import { useAnswer } from '../answer/useAnswer'
import type { QuantityView, WorkingView } from '../api/client'
import type { AnsweredOption } from '../api/answers'
import { isSameSubject, WHOLE_OPTION, workingsQuery, type Subject } from '../api/workings'
import { useOpenPanel } from '../panel/panelStore'
import { CopyButton } from '../ui/CopyButton'
import { CHAPTERS, FIGURE_WORDS, type FigureName } from './figureWords'
import { knownAs, sourceOf, type Known } from './known'
import { nameWords } from './nameWords'
import { formatQuantity } from './quantity'
import { ROUNDING_NOTES, RULE_WORDS } from './ruleWords'
import { subjectWords } from './subjectWords'
import { SetTarget } from './SetTarget'
import { workingText } from './workingText'
import './working.css'

type WorkingProps = {
  figure: FigureName
  subject: Subject
  /** The option that it is a figure of. */
  answered: AnsweredOption
  locale: string
}

/** How a figure is calculated: the rule in words, inputs, steps, rounding, and where it is used. */
export function Working({ figure, subject, answered, locale }: WorkingProps) {
  const answer = useAnswer(workingsQuery(answered, subject), answered.document)
  const option = useAnswer(workingsQuery(answered, WHOLE_OPTION), answered.document)
  // While the case is typed the last numbers stay; those of another subject never stand in for its own.
  const own = answer.value && isSameSubject(answer.value.subject, subject) ? answer.value.workings : null
  const known: Known[] = [
    ...(own ?? []).map((working) => ({ working, subject })),
    ...(option.value?.workings ?? []).map((working) => ({ working, subject: WHOLE_OPTION })),
  ]
  const working = own?.find((each) => each.figure === figure)
  const about = subjectWords(subject, locale)
  return (
    <>
      {about && <p className="text-soft mt-1 text-[0.8125rem]">{about}</p>}
      <AnswerStatus of={answer} />
      {working ? (
        <AnswerScope of={answer}>
          <Told working={working} known={known} locale={locale} />
        </AnswerScope>
      ) : (
        answer.isCurrent && <p className="text-soft mt-3">This option has no such figure.</p>
      )}
    </>
  )
}

type ToldProps = { working: WorkingView; known: readonly Known[]; locale: string }

function Told({ working, known, locale }: ToldProps) {
  return (
    <>
      <p className="font-figures mt-1 text-3xl" data-testid="working-result">
        {formatQuantity(working.result, locale)}
      </p>
      <p className="mt-3">{RULE_WORDS[working.rule]}</p>
      <p className="formula">{working.formula}</p>
      <Numbers heading="Inputs" quantities={working.inputs} working={working} known={known} locale={locale} />
      <Numbers heading="Steps" quantities={working.steps} working={working} known={known} locale={locale} />
      <p className="mt-4">{ROUNDING_NOTES[working.rounding]}</p>
      {working.source && <p className="text-soft mt-2">Source: {working.source}</p>}
      <UsedIn working={working} known={known} />
      <SetTarget working={working} locale={locale} />
      <div className="mt-5 flex flex-wrap items-baseline gap-x-5 gap-y-2">
        <CopyButton label="Copy as text" text={() => workingText(working, locale)} />
        <a
          className="text-button"
          href={`/figures.html#${CHAPTERS[working.figure]}`}
          target="_blank"
          rel="noreferrer"
        >
          Method and example
        </a>
      </div>
    </>
  )
}

type NumbersProps = ToldProps & { heading: string; quantities: readonly QuantityView[] }

/** The numbers of a working; one that was computed itself leads to its own. */
function Numbers({ heading, quantities, working, known, locale }: NumbersProps) {
  const open = useOpenPanel()
  if (quantities.length === 0) return null
  return (
    <>
      <h3 className="heading mt-4">{heading}</h3>
      <Ledger className="ledger-tight">
        {quantities.map((quantity, index) => {
          const source = sourceOf(quantity, working, known)
          const text = formatQuantity(quantity, locale)
          return (
            <div key={`${quantity.name}-${index}`}>
              <dt>{nameWords(quantity.name)}</dt>
              <dd>
                {source ? (
                  <button
                    type="button"
                    className="explained"
                    aria-label={`${nameWords(quantity.name)}, ${text}`}
                    aria-description="how it is calculated"
                    onClick={() =>
                      open({ kind: 'working', figure: source.working.figure, subject: source.subject })
                    }
                  >
                    {text}
                  </button>
                ) : (
                  text
                )}
              </dd>
            </div>
          )
        })}
      </Ledger>
    </>
  )
}

function UsedIn({ working, known }: Omit<ToldProps, 'locale'>) {
  const open = useOpenPanel()
  const uses = working.usedIn
    .map((figure) => knownAs(figure, known))
    .filter((use): use is Known => use !== undefined)
  if (uses.length === 0) return null
  return (
    <p className="mt-2">
      Used in{' '}
      {uses.map(({ working: { figure }, subject }, index) => (
        <span key={figure}>
          {index > 0 && ', '}
          <button
            type="button"
            className="text-act font-medium hover:underline"
            onClick={() => open({ kind: 'working', figure, subject })}
          >
            {FIGURE_WORDS[figure].toLowerCase()}
          </button>
        </span>
      ))}
      .
    </p>
  )
}
