import type { ReactNode } from 'react'
import { TextButton } from '../ui/TextButton'
import { useIsLate } from '../ui/useIsLate'
import { CurrentContext, useShown } from './current'
import type { Answer } from './useAnswer'

type AnswerScopeProps = { of: Answer<unknown>; children: ReactNode }

/** What stands below speaks of an answer: it is marked, and nothing of it can be applied, while that is not of what is on the screen. */
export function AnswerScope({ of: { isCurrent }, children }: AnswerScopeProps) {
  const isLate = useIsLate(!isCurrent)
  return (
    <CurrentContext value={isCurrent}>
      <div className="contents" data-stale={isLate ? '' : undefined}>
        {children}
      </div>
    </CurrentContext>
  )
}

/** Of what the answer below is, where it is not of what is on the screen. The line keeps its room, so that nothing below it moves. */
export function AnswerStatus({ of: { isCurrent, failure, value, askAgain } }: { of: Answer<unknown> }) {
  const { staleness } = useShown()
  const isLate = useIsLate(!isCurrent)
  const said = failure ?? staleness ?? (isLate ? 'Calculating…' : '')
  return (
    <p
      role="status"
      className={`min-h-5 text-[0.8125rem] font-medium ${failure === null ? 'text-soft' : 'text-over'}`}
    >
      {said}
      {failure !== null && value !== null && ' Showing the last results.'}{' '}
      {askAgain && <TextButton onClick={askAgain}>Try again</TextButton>}
    </p>
  )
}
