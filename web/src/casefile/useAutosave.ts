import { useEffect, useState } from 'react'
import { useStore } from 'zustand'
import { saveCase } from '../api/cases'
import type { CaseView } from '../api/client'
import { Autosave, type Saving } from './autosave'
import { isTyping, type CaseStore } from './caseStore'
import type { Figures } from './useFigures'
import { keepUnsaved } from './unsaved'

const TYPING: Saving = { status: 'typing' }

/** Saves the open case by itself whenever its document has an answer, and keeps in this tab what is not saved yet. */
export function useAutosave(opened: CaseView, store: CaseStore, figures: Figures) {
  const [saving, setSaving] = useState<Saving>({ status: 'saved', at: opened.savedAt, by: opened.savedBy })
  const [autosave] = useState(
    () => new Autosave(opened, (revision, document) => saveCase(opened.id, revision, document), setSaving),
  )

  const isHalfTyped = useStore(store.store, isTyping)

  useEffect(() => {
    // What is half typed has figures too, but is stored only once it is finished.
    if (figures.status === 'current' && figures.document && !isHalfTyped) autosave.want(figures.document)
    if (figures.status === 'refused') autosave.hold()
  }, [autosave, figures, isHalfTyped])

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
    if (!isHalfTyped) return
    // Nobody can tell whether the figure was finished: the browser asks before it closes the page.
    const ask = (event: BeforeUnloadEvent) => event.preventDefault()
    window.addEventListener('beforeunload', ask)
    return () => window.removeEventListener('beforeunload', ask)
  }, [isHalfTyped])

  useEffect(() => {
    const flush = () => autosave.flush()
    window.addEventListener('pagehide', flush)
    return () => {
      window.removeEventListener('pagehide', flush)
      autosave.stop()
    }
  }, [autosave])

  return { saving: isHalfTyped && saving.status === 'saved' ? TYPING : saving, autosave }
}
