import { useStore } from 'zustand'
import { useOpenCase } from '../CaseContext'
import { isSaved } from '../desk'

/** The revision that the server acknowledged last, while all that is held is in it; null while something is not saved. */
export function useSavedRevision(): number | null {
  const { store, saver } = useOpenCase()
  const work = { store, saver }
  // Either may be what changes last.
  const heldIsSaved = useStore(store.store, () => isSaved(work))
  const revision = useStore(saver.store, ({ base }) => (isSaved(work) ? base.revision : null))
  return heldIsSaved ? revision : null
}
