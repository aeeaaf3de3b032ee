import { Link } from '@tanstack/react-router'
import { useStore } from 'zustand'
import type { CaseStore } from './caseStore'

/** Undo and redo across the whole case, and the way to all its saved states. */
export function HistoryButtons({ id, store }: { id: string; store: CaseStore }) {
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
      <Link
        to="/cases/$id/history"
        params={{ id }}
        search={({ option }) => ({ option })}
        className="button-quiet"
      >
        History
      </Link>
    </>
  )
}
