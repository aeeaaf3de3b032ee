import type { LoanListStep } from '../api/client'
import { TextButton } from '../ui/TextButton'

const DOING = { READING: 'Reading', KEEPING: 'Keeping', DONE: 'Done' } as const

/** How far a long list is, and how it is stopped. */
export function LoanListProgress({ step, cancel }: { step: LoanListStep | null; cancel: () => void }) {
  const words = step
    ? `${DOING[step.doing]}: ${step.done.toLocaleString('en-US')} of ${step.of.toLocaleString('en-US')} lines`
    : 'Reading…'
  // At the last line all is kept, whoever stops listening then.
  const isLast = step?.doing === 'KEEPING' && step.done === step.of
  return (
    <div className="mt-4">
      <progress
        className="progress"
        aria-label="How far it is"
        {...(step ? { value: step.done, max: step.of } : {})}
      />
      <p className="flex justify-between gap-4">
        <span role="status">{words}</span>
        {!isLast && <TextButton onClick={cancel}>Stop</TextButton>}
      </p>
    </div>
  )
}
