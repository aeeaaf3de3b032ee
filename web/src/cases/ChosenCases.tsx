import { useQuery } from '@tanstack/react-query'
import type { CaseSummary, Shelf } from '../api/client'
import { peopleQuery } from '../api/people'
import { TextButton } from '../ui/TextButton'
import type { CaseActions } from './useCaseActions'

type ChosenCasesProps = {
  cases: readonly CaseSummary[]
  shelf: Shelf
  actions: CaseActions
  /** Chooses all that are listed; null where they are. */
  chooseAll: (() => void) | null
  clear: () => void
}

/** What can be done to the cases that are chosen, all together. */
export function ChosenCases({ cases, shelf, actions, chooseAll, clear }: ChosenCasesProps) {
  const people = useQuery(peopleQuery).data ?? []
  const change = (what: Parameters<CaseActions['change']>[1]) => () => {
    actions.change(cases, what)
    clear()
  }
  return (
    <section aria-label="Chosen cases" className="chosen-cases">
      <span className="font-semibold">{cases.length} chosen</span>
      {shelf === 'OPEN' && <TextButton onClick={change('ARCHIVE')}>Archive them</TextButton>}
      {shelf === 'ARCHIVED' && <TextButton onClick={change('REOPEN')}>Open them again</TextButton>}
      {shelf === 'DELETED' ? (
        <TextButton onClick={change('RESTORE')}>Restore them</TextButton>
      ) : (
        <TextButton onClick={change('DELETE')}>Delete them</TextButton>
      )}
      {(shelf === 'OPEN' || shelf === 'ARCHIVED') && (
        <label className="filter-choice">
          <span className="text-soft">Hand over to</span>
          <select
            value=""
            onChange={({ target: { value } }) => {
              const to = people.find(({ id }) => id === value)
              if (to) actions.handOver(cases, to)
              clear()
            }}
          >
            <option value="">choose…</option>
            {people
              .filter(({ state }) => state !== 'LEFT')
              .map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
          </select>
        </label>
      )}
      {chooseAll && <TextButton onClick={chooseAll}>Choose all listed</TextButton>}
      <TextButton onClick={clear}>Choose none</TextButton>
    </section>
  )
}
