import { useRouterState } from '@tanstack/react-router'
import { useEffect } from 'react'
import type { CaseStore } from './caseStore'
import { selectedOf } from './caseStore'
import { focusFigure } from './focusFigure'
import { firstFigureOf } from './option'

/** Puts the cursor into the first figure of a case that was created a moment ago. */
export function useFirstFocus(store: CaseStore) {
  const isNew = useRouterState({ select: ({ location }) => location.state.isNew === true })
  useEffect(() => {
    if (isNew) focusFigure(firstFigureOf(selectedOf(store.store.getState())))
  }, [isNew, store])
}
