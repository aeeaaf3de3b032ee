import type { KeptKind } from '../api/bins'

export type DraftKind = KeptKind | 'letterhead'

/** The state that an edit began from: its id and revision. */
export type Seen = { id: string; revision: number }

/** What is edited of something that the practice keeps, and not saved yet. */
export type KeptDraft<T> = { seen: Seen | null; start: T; value: T }

/** What is edited: of which kind, by whom, and the id of what is changed; null for something new. */
export type Edited = { kind: DraftKind; email: string; id: string | null }

const prefixOf = ({ kind, email }: Pick<Edited, 'kind' | 'email'>) => `practice-draft ${kind} ${email} `
const nameOf = (edited: Edited) => prefixOf(edited) + (edited.id ?? 'new')

const read = <T>(name: string): KeptDraft<T> | null => {
  const text = sessionStorage.getItem(name)
  return text === null ? null : (JSON.parse(text) as KeptDraft<T>)
}

/** What somebody left unsaved of something in this tab; null for nothing. */
export const keptDraftOf = <T>(edited: Edited) => read<T>(nameOf(edited))

/** Any of a kind that somebody left unsaved in this tab; null for none. */
export function someDraftOf<T>(kind: DraftKind, email: string): KeptDraft<T> | null {
  const prefix = prefixOf({ kind, email })
  const name = Object.keys(sessionStorage).find((each) => each.startsWith(prefix))
  return name === undefined ? null : read<T>(name)
}

/** Keeps it for as long as the tab is open, whatever page is shown. */
export const keepDraft = <T>(edited: Edited, draft: KeptDraft<T>) =>
  sessionStorage.setItem(nameOf(edited), JSON.stringify(draft))

export const forgetDraft = (edited: Edited) => sessionStorage.removeItem(nameOf(edited))

/** Whether what is edited stands in no line of its list: it is new, or was deleted while it was edited. */
export const isNewOrGone = (seen: Seen | null, listed: readonly { id: string }[] | undefined) =>
  seen === null || listed?.every(({ id }) => id !== seen.id) === true
