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
  return kept === null ? null : { ...(JSON.parse(kept) as Unsaved), selected: 0 }
}
