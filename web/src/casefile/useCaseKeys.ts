import { useNavigate } from '@tanstack/react-router'
import { useMemo } from 'react'
import type { KeyAction } from '../app/keys'
import type { CaseStore } from './caseStore'
import { usePanel } from '../panel/panelStore'
import { VIEWS } from './views'

/** The keys that work everywhere in an open case. */
export function useCaseKeys(id: string, store: CaseStore): KeyAction[] {
  const open = usePanel((panel) => panel.open)
  const navigate = useNavigate()
  return useMemo(
    () => [
      { keys: 'Ctrl+Z', does: 'undo', run: store.undo },
      { keys: 'Ctrl+Shift+Z', does: 'redo', run: store.redo },
      { keys: 'Ctrl+Y', does: 'redo', run: store.redo },
      { keys: 'c', does: 'costs and conventions', run: () => open({ kind: 'costs' }) },
      { keys: 'g', does: 'set a target', run: () => open({ kind: 'target', text: '' }) },
      ...VIEWS.map(({ to, name, key }) => ({
        keys: key,
        does: `go to ${name}`,
        run: () => void navigate({ to, params: { id }, search: ({ option }) => ({ option }) }),
      })),
    ],
    [store, open, navigate, id],
  )
}
