import type { LogFilter, Person } from '../../api/client'
import { Choice } from '../../sentence/Choice'
import { ACTIONS, KINDS } from './words'

const ANY = 'any'

type LogFiltersProps = {
  filter: LogFilter
  people: readonly Person[]
  choose: (changed: LogFilter) => void
}

/** Which entries of the log are shown. */
export function LogFilters({ filter, people, choose }: LogFiltersProps) {
  const choice = (name: 'advisor' | 'action' | 'kind', label: string, words: Record<string, string>) => (
    <span className="log-choice">
      <span className="text-soft" aria-hidden>
        {label}
      </span>
      <Choice
        label={label}
        className="log-box"
        value={filter[name] ?? ANY}
        words={{ [ANY]: 'any', ...words }}
        // What the words stand for is what the server knows.
        choose={(value) => choose({ [name]: value === ANY ? undefined : value })}
      />
    </span>
  )
  const day = (name: 'since' | 'until', label: string) => (
    <label className="log-choice">
      <span className="text-soft">{label}</span>
      <input
        type="date"
        min="1990-01-01"
        max="2150-12-31"
        value={filter[name] ?? ''}
        onChange={({ target: { value, validity } }) =>
          validity.valid && choose({ [name]: value || undefined })
        }
      />
    </label>
  )
  return (
    <div className="mt-3 flex flex-wrap gap-x-5 gap-y-2">
      {choice('advisor', 'Who', Object.fromEntries(people.map(({ id, name }) => [id, name])))}
      {choice('action', 'What they did', ACTIONS)}
      {choice('kind', 'To what', KINDS)}
      <span className="flex flex-wrap gap-2">
        {day('since', 'From')}
        {day('until', 'to')}
      </span>
    </div>
  )
}
