import type { KeptKind } from '../api/bins'

export type DraftKind = KeptKind | 'letterhead'

/** The state that an edit began from: its id and revision. */
export type Seen = { id: string; revision: number }

/** What is edited of something that the practice keeps, and not saved yet. */
export type KeptDraft<T> = { seen: Seen | null; start: T; value: T }

const nameOf = (kind: DraftKind, email: string) => `practice-draft ${kind} ${email}`

/** What somebody left unsaved in this tab; null for nothing. */
export function keptDraftOf<T>(kind: DraftKind, email: string): KeptDraft<T> | null {
  const text = sessionStorage.getItem(nameOf(kind, email))
  return text === null ? null : (JSON.parse(text) as KeptDraft<T>)
}

/** Keeps it for as long as the tab is open, whatever page is shown. */
export const keepDraft = <T>(kind: DraftKind, email: string, draft: KeptDraft<T>) =>
  sessionStorage.setItem(nameOf(kind, email), JSON.stringify(draft))

export const forgetDraft = (kind: DraftKind, email: string) => sessionStorage.removeItem(nameOf(kind, email))

/** Whether what is edited stands in no line of its list: it is new, or was deleted while it was edited. */
export const isNewOrGone = (seen: Seen | null, listed: readonly { id: string }[] | undefined) =>
  seen === null || listed?.every(({ id }) => id !== seen.id) === true
