import type { ComponentProps } from 'react'
import { TextButton } from '../ui/TextButton'
import { useIsCurrent } from './current'

/** An action on an answer: it waits while the answer is not of what is on the screen, and keeps the focus meanwhile. */
export function AnswerButton({ onClick, ...props }: ComponentProps<typeof TextButton>) {
  const isCurrent = useIsCurrent()
  return (
    <TextButton
      {...props}
      aria-disabled={!isCurrent || undefined}
      onClick={isCurrent ? onClick : undefined}
    />
  )
}
