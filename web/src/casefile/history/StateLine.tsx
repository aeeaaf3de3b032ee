import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import type { CaseDocument, StateView } from '../../api/client'
import { historyQuery, nameState } from '../../api/history'
import { TextButton } from '../../ui/TextButton'
import { formatTime } from '../../format/moment'
import { useOpenCase } from '../CaseContext'
import { Changes } from './Changes'
import { NameField } from './NameField'
import { StateFigures } from './StateFigures'

type StateLineProps = {
  state: StateView
  /** What the case said before it; null where it began with it. */
  before: CaseDocument | null
  /** Whether it is what the case says now. */
  isLatest: boolean
}

/** A saved state: when, by whom, what it changed, and what can be done with it. */
export function StateLine({ state, before, isLatest }: StateLineProps) {
  const { id, store } = useOpenCase()
  const queries = useQueryClient()
  const [opened, setOpened] = useState<'figures' | 'name' | null>(null)
  const time = formatTime(state.savedAt)
  const naming = useMutation({
    mutationFn: (name: string | null) => nameState(id, state.id, name),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: historyQuery(id).queryKey })
      setOpened(null)
    },
  })
  const toggle = (what: 'figures' | 'name') => setOpened(opened === what ? null : what)
  return (
    <li className="border-rule border-b py-2.5">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
        <p>
          <b className="font-semibold">{time}</b> {state.savedBy}
          {state.name !== null && <span className="state-name">{state.name}</span>}
          {isLatest && <span className="note">as it is now</span>}
          {state.gaveWay && <span className="note">gave way to a colleague’s</span>}
        </p>
        <p className="flex flex-wrap gap-x-4">
          <TextButton aria-expanded={opened === 'figures'} onClick={() => toggle('figures')}>
            Look<span className="sr-only"> at the state of {time}</span>
          </TextButton>
          <TextButton aria-expanded={opened === 'name'} onClick={() => toggle('name')}>
            {state.name === null ? 'Name' : 'Rename'}
            <span className="sr-only"> the state of {time}</span>
          </TextButton>
          {!isLatest && (
            <TextButton onClick={() => store.adopt(state.document)}>
              Bring back<span className="sr-only"> the state of {time}</span>
            </TextButton>
          )}
        </p>
      </div>
      <Changes now={state.document} before={before} />
      {opened === 'name' && (
        <NameField
          name={state.name}
          keep={(name) => naming.mutate(name)}
          error={naming.error}
          cancel={() => setOpened(null)}
        />
      )}
      {opened === 'figures' && <StateFigures document={state.document} />}
    </li>
  )
}
