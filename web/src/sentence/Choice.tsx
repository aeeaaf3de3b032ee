import { Select } from 'radix-ui'
import '../ui/floating.css'
import './choice.css'
import './sentence.css'

export type ChoiceProps<T extends string> = {
  label: string
  value: T
  /** Each value with its words, in the order shown. */
  words: Readonly<Record<T, string>>
  choose: (value: T) => void
  className?: string
  /** What the baseline chose; marked where it differs. */
  was?: T | undefined
  disabled?: boolean | undefined
  isOpenAtFirst?: boolean
}

/** One of a few words, picked from a list or by typing its start. */
export function Choice<T extends string>({
  label,
  value,
  words,
  choose,
  className = 'figure-choice',
  was,
  disabled,
  isOpenAtFirst = false,
}: ChoiceProps<T>) {
  return (
    <Select.Root defaultOpen={isOpenAtFirst} value={value} onValueChange={(picked) => choose(picked as T)}>
      <Select.Trigger
        aria-label={label}
        disabled={disabled}
        className={className}
        data-differs={(was !== undefined && was !== value) || undefined}
        title={was !== undefined && was !== value ? `in the baseline ${words[was]}` : undefined}
      >
        <Select.Value>{words[value]}</Select.Value>
        <Select.Icon className="choice-icon">▾</Select.Icon>
      </Select.Trigger>
      <Select.Portal>
        <Select.Content position="popper" sideOffset={6} collisionPadding={12} className="floating">
          <Select.Viewport>
            {Object.entries<string>(words).map(([each, text]) => (
              <Select.Item key={each} value={each} className="floating-item">
                <Select.ItemText>{text}</Select.ItemText>
              </Select.Item>
            ))}
          </Select.Viewport>
        </Select.Content>
      </Select.Portal>
    </Select.Root>
  )
}
