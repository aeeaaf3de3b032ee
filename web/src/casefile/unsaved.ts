import type { CaseState } from './caseStore'

/** A case's state that the server does not have yet, with the revision that it grew from. */
export type Unsaved = CaseState & { revision: number }

const keyOf = (id: string) => `impendium.unsaved.${id}`

/** Keeps unsaved work where a reload of this tab finds it; null once all is saved. */
export function keepUnsaved(id: string, unsaved: Unsaved | null) {
  if (unsaved) sessionStorage.setItem(keyOf(id), JSON.stringify(unsaved))
  else sessionStorage.removeItem(keyOf(id))
}

export function readUnsaved(id: string): Unsaved | null {
  const kept = sessionStorage.getItem(keyOf(id))
  if (kept === null) return null
  const unsaved = JSON.parse(kept) as Unsaved
  // What an earlier version of this page kept of a field's text is of no use to this one.
  const isWhole = Object.values(unsaved.entries).every((entry) => typeof entry.before === 'string')
  return { ...unsaved, entries: isWhole ? unsaved.entries : {}, selected: 0 }
}
