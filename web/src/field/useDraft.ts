import { useState } from 'react'
import { createStore } from 'zustand/vanilla'
import type { Entries, Entry } from './EntriesContext'

/** A value that is edited in fields outside of a case: a form, a setting. */
export type Draft<T> = Entries & { change: (value: T) => void }

/**
 * Fields that write to a value of their own; each key press that can be read changes it.
 *
 * @param start the value to begin with
 * @param take told of every change
 */
export function useDraft<T>(start: T, take: (value: T) => void): Draft<T> {
  const [draft] = useState(() => createDraft(start, take))
  return draft
}

/** Whether a text stands in a field that cannot be read. */
export const hasUnreadable = ({ store }: Entries) =>
  Object.values(store.getState().entries).some((entry) => !entry.isReadable)

export function createDraft<T>(start: T, take: (value: T) => void): Draft<T> {
  const store = createStore<{ entries: Readonly<Record<string, Entry>> }>(() => ({ entries: {} }))
  let value = start
  /** The value at the last rest. */
  let settled = start
  const put = (next: T) => {
    value = next
    take(next)
  }
  return {
    store,
    problems: [],
    claim: () => () => undefined,
    setEntry: (place, entry) => {
      const others = Object.entries(store.getState().entries).filter(([each]) => each !== place)
      store.setState({ entries: Object.fromEntries(entry ? [...others, [place, entry]] : others) })
    },
    change: put,
    rewind: () => {
      if (value !== settled) put(settled)
    },
    settle: () => {
      settled = value
    },
    restore: () => undefined,
  }
}
