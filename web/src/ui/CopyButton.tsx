import { AnswerButton } from '../answer/AnswerButton'
import { useTold } from './useTold'

/** Copies a text and says so for a moment. */
export function CopyButton({ label, text }: { label: string; text: () => string }) {
  const [told, tell] = useTold()
  const copy = () =>
    navigator.clipboard.writeText(text()).then(
      () => tell('Copied'),
      () => tell('Not allowed by the browser'),
    )
  return (
    <AnswerButton onClick={() => void copy()}>
      <span aria-live="polite">{told ?? label}</span>
    </AnswerButton>
  )
}
