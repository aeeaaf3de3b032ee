import type { CaseDocument, CaseView } from '../../api/client'
import type { CaseState } from '../caseStore'

/** A case's state that the server has not acknowledged, what it was made from, and what was sent of it. */
export type Unsaved = CaseState & { base: CaseView; unacknowledged: readonly CaseDocument[] }

const PREFIX = 'impendium.work.'

/** Keeps unsaved work where a reload of this tab finds it; null once all is saved. */
export function keepUnsaved(id: string, unsaved: Unsaved | null) {
  if (unsaved) sessionStorage.setItem(PREFIX + id, JSON.stringify(unsaved))
  else sessionStorage.removeItem(PREFIX + id)
}

export function readUnsaved(id: string): Unsaved | null {
  const kept = sessionStorage.getItem(PREFIX + id)
  return kept === null ? null : (JSON.parse(kept) as Unsaved)
}

/** Forgets all unsaved work of this tab. */
export function forgetUnsaved() {
  for (const key of Object.keys(sessionStorage)) {
    if (key.startsWith(PREFIX)) sessionStorage.removeItem(key)
  }
}
