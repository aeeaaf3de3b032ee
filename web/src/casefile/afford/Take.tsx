import { TextButton } from '../../ui/TextButton'
import { useOpenCase } from '../CaseContext'
import type { OptionChange } from '../option'
import { useOption } from '../OptionContext'
import { addOption, MOST_OPTIONS } from '../options'

/** Takes a change into the option that is shown, or into one of its own. */
export function Take({ name, change }: { name: string; change: OptionChange }) {
  const { store, document } = useOpenCase()
  const { option, apply } = useOption()
  const isFull = document.options.length >= MOST_OPTIONS
  return (
    <span className="screen-only flex gap-x-5 whitespace-nowrap">
      <TextButton onClick={() => apply(change)}>
        Apply<span className="sr-only">: {name}</span>
      </TextButton>
      <TextButton disabled={isFull} onClick={() => store.changeOptions(addOption(option.id, change))}>
        {isFull ? 'Six options at the most' : 'Add as option'}
        <span className="sr-only">: {name}</span>
      </TextButton>
    </span>
  )
}
