import { RadioGroup } from 'radix-ui'
import './radio-choice.css'

type RadioChoiceProps<T extends string> = {
  label: string
  value: T
  choices: readonly (readonly [value: T, words: string])[]
  choose: (value: T) => void
}

/** One of a few words that stand beside one another: one Tab stop, arrows within. */
export function RadioChoice<T extends string>({ label, value, choices, choose }: RadioChoiceProps<T>) {
  return (
    <RadioGroup.Root
      aria-label={label}
      className="radio-choice"
      orientation="horizontal"
      value={value}
      onValueChange={(chosen) => choose(chosen as T)}
    >
      {choices.map(([each, words]) => (
        <RadioGroup.Item key={each} value={each} className="radio-choice-item">
          {words}
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  )
}
