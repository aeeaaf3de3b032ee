import type { LogFilter, Person } from '../../api/client'
import { ACTIONS, KINDS } from './words'

type LogFiltersProps = {
  filter: LogFilter
  people: readonly Person[]
  choose: (changed: LogFilter) => void
}

/** Which entries of the log are shown. */
export function LogFilters({ filter, people, choose }: LogFiltersProps) {
  const choice = (name: 'advisor' | 'action' | 'kind', label: string, words: Record<string, string>) => (
    <label className="log-choice">
      <span className="text-soft">{label}</span>
      <select
        value={filter[name] ?? ''}
        // What the options say is what the server knows.
        onChange={({ target: { value } }) => choose({ [name]: value || undefined })}
      >
        <option value="">any</option>
        {Object.entries(words).map(([each, said]) => (
          <option key={each} value={each}>
            {said}
          </option>
        ))}
      </select>
    </label>
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
