import { LazyChoice } from '../sentence/LazyChoice'
import type { ChosenFilter } from './filter'

const NONE = 'none'

export type FilterProps = { chosen: ChosenFilter; choose: (changed: ChosenFilter) => void }

type ChoiceProps = FilterProps & {
  label: string
  /** How it is said that nothing is chosen; null where the first of the words is what holds then. */
  none: string | null
  words: Record<string, string>
  name: keyof ChosenFilter
}

/** One thing that is chosen of the list, by its words. */
export function FilterChoice({ label, none, words, name, chosen, choose }: ChoiceProps) {
  const usual = none === null ? (Object.keys(words)[0] ?? NONE) : NONE
  return (
    <span className="filter-choice">
      <span className="text-soft" aria-hidden>
        {label}
      </span>
      <LazyChoice
        label={label}
        className="filter-box"
        value={chosen[name] ?? usual}
        words={none === null ? words : { [NONE]: none, ...words }}
        choose={(value) => choose({ [name]: value === usual ? undefined : value })}
      />
    </span>
  )
}
