import { AnswerButton } from '../../answer/AnswerButton'
import { useOpenCase } from '../CaseContext'
import type { OptionChange } from '../option'
import { useOption } from '../OptionContext'
import { addOption, MOST_OPTIONS } from '../options'

/** Applies a change to the option that is shown, or adds an option with it. */
export function ApplyButtons({ name, change }: { name: string; change: OptionChange }) {
  const { store, document } = useOpenCase()
  const { option, apply } = useOption()
  const isFull = document.options.length >= MOST_OPTIONS
  return (
    <span className="screen-only flex gap-x-5 whitespace-nowrap">
      <AnswerButton onClick={() => apply(change)}>
        Apply<span className="sr-only">: {name}</span>
      </AnswerButton>
      <AnswerButton disabled={isFull} onClick={() => store.changeOptions(addOption(option.id, change))}>
        {isFull ? 'Six options at the most' : 'Add as option'}
        <span className="sr-only">: {name}</span>
      </AnswerButton>
    </span>
  )
}
