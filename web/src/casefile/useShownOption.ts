import { useState } from 'react'
import { useStore } from 'zustand'
import type { OptionDocument } from '../api/client'
import { selectedOf, type CaseStore } from './caseStore'
import { hasFigures } from './optionFigures'
import type { Figures } from './useFigures'

/** The option to be shown: the one chosen, from when it has figures. Until then the last one stays. */
export function useShownOption(store: CaseStore, { answered, status }: Figures): OptionDocument {
  const document = useStore(store.store, (state) => state.document)
  const selected = useStore(store.store, selectedOf)
  const [shownId, setShownId] = useState(selected.id)
  const isReady = status !== 'pending' || hasFigures(selected, answered)
  if (isReady && shownId !== selected.id) setShownId(selected.id)
  return isReady ? selected : (document.options.find(({ id }) => id === shownId) ?? selected)
}
