import { useEffect, useState } from 'react'
import { saveCase } from '../api/cases'
import type { CaseView } from '../api/client'
import { Autosave, type Saving } from './autosave'
import type { CaseStore } from './caseStore'
import type { Figures } from './useFigures'
import { keepUnsaved } from './unsaved'

/** Saves the open case by itself whenever its document has an answer, and keeps in this tab what is not saved yet. */
export function useAutosave(opened: CaseView, store: CaseStore, figures: Figures) {
  const [saving, setSaving] = useState<Saving>({ status: 'saved', at: opened.savedAt, by: opened.savedBy })
  const [autosave] = useState(
    () => new Autosave(opened, (revision, document) => saveCase(opened.id, revision, document), setSaving),
  )

  useEffect(() => {
    if (figures.status === 'current' && figures.document) autosave.want(figures.document)
    if (figures.status === 'refused') autosave.hold()
  }, [autosave, figures])

  useEffect(() => {
    const keep = () => {
      const state = store.store.getState()
      const isSafe = state.document === autosave.saved.document && Object.keys(state.entries).length === 0
      keepUnsaved(opened.id, isSafe ? null : { ...state, revision: autosave.saved.revision })
    }
    keep()
    return store.store.subscribe(keep)
  }, [autosave, opened.id, store, saving])

  useEffect(() => {
    const flush = () => autosave.flush()
    window.addEventListener('pagehide', flush)
    return () => {
      window.removeEventListener('pagehide', flush)
      autosave.stop()
    }
  }, [autosave])

  return { saving, autosave }
}
