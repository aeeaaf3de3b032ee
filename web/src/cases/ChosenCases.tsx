import { useQuery } from '@tanstack/react-query'
import type { CaseSummary, Shelf } from '../api/client'
import { peopleQuery } from '../api/people'
import { DropdownMenu } from 'radix-ui'
import { MenuContent, MenuItem } from '../ui/Menu'
import { TextButton } from '../ui/TextButton'
import type { CaseActions } from './useCaseActions'
import { nameAmong } from './nameAmong'

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
        <DropdownMenu.Root>
          <DropdownMenu.Trigger asChild>
            <TextButton>Assign to…</TextButton>
          </DropdownMenu.Trigger>
          <MenuContent>
            {people
              .filter(({ state }) => state !== 'LEFT')
              .map((person) => (
                <MenuItem
                  key={person.id}
                  onSelect={() => {
                    actions.handOver(cases, person, people)
                    clear()
                  }}
                >
                  {nameAmong(people, person)}
                </MenuItem>
              ))}
          </MenuContent>
        </DropdownMenu.Root>
      )}
      {chooseAll && <TextButton onClick={chooseAll}>Choose all listed</TextButton>}
      <TextButton onClick={clear}>Choose none</TextButton>
    </section>
  )
}
