import { useStore } from 'zustand'
import type { CaseStore } from './caseStore'

/** Undo and redo across the whole case. */
export function HistoryButtons({ store }: { store: CaseStore }) {
  const past = useStore(store.store.temporal, (history) => history.pastStates.length)
  const future = useStore(store.store.temporal, (history) => history.futureStates.length)
  return (
    <>
      <button type="button" className="button-quiet" disabled={past === 0} onClick={store.undo}>
        Undo
      </button>
      <button type="button" className="button-quiet" disabled={future === 0} onClick={store.redo}>
        Redo
      </button>
    </>
  )
}
