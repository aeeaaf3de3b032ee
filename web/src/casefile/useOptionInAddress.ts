import { useNavigate, useSearch } from '@tanstack/react-router'
import { useEffect, useState } from 'react'
import { useStore } from 'zustand'
import { selectedOf, type CaseStore } from './caseStore'
import { baselineOf } from './option'

/** Shows the option that the address names, and names there the one that is shown; the baseline goes without saying. */
export function useOptionInAddress(store: CaseStore) {
  const { option: named } = useSearch({ from: '/cases/$id' })
  const [first] = useState(named)
  const navigate = useNavigate()
  useEffect(() => {
    const { document, selected } = store.store.getState()
    if (first !== undefined && first !== selected && document.options.some(({ id }) => id === first)) {
      store.select(first)
    }
  }, [store, first])
  const shown = useStore(store.store, (state) => {
    const { id } = selectedOf(state)
    return id === baselineOf(state.document).id ? undefined : id
  })
  useEffect(() => {
    if (shown !== named)
      void navigate({ to: '.', search: (all) => ({ ...all, option: shown }), replace: true })
  }, [navigate, shown, named])
}
