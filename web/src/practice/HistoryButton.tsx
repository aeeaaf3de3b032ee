import { TextButton } from '../ui/TextButton'

type HistoryButtonProps = { name: string; isOpen: boolean; toggle: () => void }

/** Opens the history of something that the practice keeps, and closes it. */
export function HistoryButton({ name, isOpen, toggle }: HistoryButtonProps) {
  return (
    <TextButton aria-expanded={isOpen} onClick={toggle}>
      History<span className="sr-only"> of {name}</span>
    </TextButton>
  )
}
