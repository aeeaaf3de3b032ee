import { useState } from 'react'
import { createStore } from 'zustand/vanilla'
import { isBeingTyped, type Entries, type Entry } from './EntriesContext'
import { stands, valueAt } from './pointers'

/** A value that is edited in fields outside of a case: a form, a setting. */
export type Draft<T> = Entries & {
  /** Takes what is being typed; it goes back with the typing. */
  change: (value: T) => void
  /** Takes a value that nobody types. A text that stood for what it replaces goes. */
  step: (value: T) => void
}

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
  Object.values(store.getState().entries).some((entry) => !isBeingTyped(entry))

export function createDraft<T>(start: T, take: (value: T) => void): Draft<T> {
  const store = createStore<{ entries: Readonly<Record<string, Entry>> }>(() => ({ entries: {} }))
  let value = start
  /** The value at the last rest. */
  let settled = start
  /** Puts a value in place; a text for an entry that it has not, or that does not stay, goes. */
  const put = (next: T, stays = (place: string) => stands(next, place)) => {
    const entries = Object.entries(store.getState().entries).filter(([place]) => stays(place))
    store.setState({ entries: Object.fromEntries(entries) })
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
    change: (next) => put(next),
    step: (next) => {
      const before = value
      put(next, (place) => stands(next, place) && valueAt(next, place) === valueAt(before, place))
      settled = next
    },
    rewind: () => {
      if (value !== settled) put(settled)
    },
    settle: () => {
      settled = value
    },
    restore: () => undefined,
  }
}
