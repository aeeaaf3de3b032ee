import { createContext, useContext } from 'react'
import type { StoreApi } from 'zustand/vanilla'
import type { FieldProblem } from '../api/client'
import type { Where } from '../entry/amount'
import type { Reading } from '../entry/reading'

/** A text in a field: what stood there when the typing began, and what the text says. */
export type Entry = {
  text: string
  before: string
  /** `read`: the value follows it; `incomplete`: it may say something once it is longer; `unread`: it cannot be read. */
  says: Reading<unknown>['status']
}

/** Whether a text is being typed, rather than left as it cannot be read. */
export const isBeingTyped = ({ says }: Entry) => says !== 'unread'

/** What fields write to: a case, or a form of its own. */
export type Entries = {
  /** Texts being typed or not readable yet, by the place of their field. */
  store: StoreApi<{ entries: Readonly<Record<string, Entry>> }>
  /** What amounts are in, where that is known. */
  where?: Where | undefined
  /** What is wrong with values that were read. */
  problems: readonly FieldProblem[]
  /** Says that problems of these places are told at a field; what it returns takes that back. */
  claim: (places: readonly string[]) => () => void
  setEntry: (place: string, entry: Entry | null) => void
  /** Goes back to before the typing began. */
  rewind: () => void
  /** Ends a run of changes that are taken back as one. */
  settle: () => void
  /** Goes back to what a place said before its last change. */
  restore: (place: string) => void
}

export const EntriesContext = createContext<Entries | null>(null)

export function useEntries(): Entries {
  const entries = useContext(EntriesContext)
  if (!entries) throw new Error('useEntries needs an EntriesContext above it')
  return entries
}
