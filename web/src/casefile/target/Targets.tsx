import { targetQuery } from '../../api/answers'
import { AnswerScope, AnswerStatus } from '../../answer/AnswerScope'
import { useAnswer } from '../../answer/useAnswer'
import { readTarget, type Target } from '../../entry/target'
import { usePanel } from '../../panel/panelStore'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { LeverAnswer } from './LeverAnswer'
import { noneWords, understoodWords } from './levers'

/** A target, and what each lever can do for it. */
export function Targets({ text }: { text: string }) {
  const { locale } = useOpenCase()
  const { figures } = useOption()
  const replace = usePanel((panel) => panel.replace)
  const reading = readTarget(text, locale, figures.firstPaymentDate)
  return (
    <>
      <label className="mt-3 block font-medium">
        What must be met
        <input
          className="field font-figures mt-1 text-lg"
          value={text}
          autoComplete="off"
          placeholder="at most 2,350 a month"
          onChange={(event) => replace({ kind: 'target', text: event.target.value })}
        />
      </label>
      {reading.status === 'read' ? (
        <>
          <p className="mt-2 text-[0.8125rem] font-medium">{understoodWords(reading.value, locale)}</p>
          <Answers target={reading.value} />
        </>
      ) : (
        <p className="text-soft mt-3">{reading.message}</p>
      )}
    </>
  )
}

function Answers({ target }: { target: Target }) {
  const { locale } = useOpenCase()
  const { answered } = useOption()
  const answer = useAnswer(targetQuery(answered, target), answered.document)
  const known = answer.value
  return (
    <AnswerScope of={answer}>
      <AnswerStatus of={answer} />
      {known && (
        <>
          <p className="text-soft mt-3">Any one of these meets the target. Each is the exact limit.</p>
          <ul className="divide-rule border-rule mt-2 divide-y border-y" aria-label="What meets the target">
            {known.levers.map((lever) => (
              <li key={lever.lever} className="figures-sheet py-3" data-testid={`lever-${lever.lever}`}>
                {lever.value === null ? (
                  <p className="text-soft">{noneWords(lever, known.target, locale)}</p>
                ) : (
                  <LeverAnswer target={known.target} answer={lever} value={lever.value} />
                )}
              </li>
            ))}
          </ul>
        </>
      )}
    </AnswerScope>
  )
}
