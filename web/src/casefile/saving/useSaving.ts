import { useEffect } from 'react'
import { useStore } from 'zustand'
import { isTyping } from '../caseStore'
import { isSaved, type CaseWork } from '../desk'
import type { Figures } from '../useFigures'
import type { SaverState } from './saverState'
import { stateOf, type WorkState } from './workState'

/** Has the open case saved whenever its document is finished, and tells whether the work is safe. */
export function useSaving(work: CaseWork, { status, hasFaultyEntry }: Figures): WorkState {
  const { store, saver } = work
  const document = useStore(store.store, (state) => state.document)
  const isHalfTyped = useStore(store.store, isTyping)
  const saving: SaverState = useStore(saver.store)
  // Where nobody could be asked for figures, it is for the server to say whether there are any. An entry that cannot be
  // read is no part of the document, and keeps nothing else from being stored.
  const isStorable = !isHalfTyped && status !== 'pending' && status !== 'refused'

  useEffect(() => {
    if (isStorable) saver.tell({ name: 'wanted', document })
  }, [saver, document, isStorable])

  useEffect(() => {
    // What waited for a new sign-in, or for the advisor's return, is not to wait any longer.
    saver.tell({ name: 'due' })
    return () => saver.tell({ name: 'due' })
  }, [saver])

  const state = stateOf({
    phase: saving.phase,
    isSaved: isSaved(work),
    isHalfTyped,
    hasFaultyEntry,
    isSilent: status === 'silent',
  })
  useQuestionBeforeClosing(state.name !== 'saved' && state.name !== 'saving')
  return state
}

/** The browser asks before it closes a page whose work would be lost with it. */
function useQuestionBeforeClosing(isUnsafe: boolean) {
  useEffect(() => {
    if (!isUnsafe) return
    const ask = (event: BeforeUnloadEvent) => event.preventDefault()
    window.addEventListener('beforeunload', ask)
    return () => window.removeEventListener('beforeunload', ask)
  }, [isUnsafe])
}
