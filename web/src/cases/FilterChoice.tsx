import { type ChosenFilter } from './filter'

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
  const [usual] = Object.keys(words)
  return (
    <label className="filter-choice">
      <span className="text-soft">{label}</span>
      <select
        value={chosen[name] ?? (none === null ? usual : '')}
        onChange={({ target: { value } }) =>
          choose({ [name]: value === '' || (none === null && value === usual) ? undefined : value })
        }
      >
        {none !== null && <option value="">{none}</option>}
        {Object.entries(words).map(([each, said]) => (
          <option key={each} value={each}>
            {said}
          </option>
        ))}
      </select>
    </label>
  )
}
