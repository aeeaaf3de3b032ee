import { useEffectEvent, useLayoutEffect } from 'react'
import { useStore } from 'zustand'
import type { Where } from '../entry/amount'
import type { Reading } from '../entry/reading'
import { isBeingTyped, useEntries } from './EntriesContext'
import { useClaim } from './useClaim'

/** What stands for no value, where there may be none. */
const isNothing = (text: string) => /^\s*(?:none|nothing|n\/a|[-–—])?\s*$/i.test(text)

/** A field: where it lies, how its text is read, and what becomes of its value. */
export type EntryField<T> = {
  /** Names the field, in a case by a place with ids, whatever its text turns out to mean: most often where its value lies. */
  pointer: string
  /** Further places in the document whose problems are shown here. */
  also?: readonly string[] | undefined
  /** The keys that a phone offers; all of them where nothing else is said. */
  inputMode?: 'decimal' | 'numeric' | undefined
  /** The value as it stands, written out. */
  text: string
  /**
   * @param before what stood in the field when the typing began
   * @param where what amounts there are in
   */
  read: (text: string, before: string, where?: Where) => Reading<T>
  /** Takes the value. */
  take: (value: T) => void
  /** What a text emptied for good means; where absent, an empty text is unreadable. */
  clear?: (() => void) | undefined
}

/**
 * What is typed into a field, followed at each key press; what cannot be read stays as it was typed. The whole
 * of the text decides what it means: what its first characters meant on the way is forgotten.
 */
export function useEntry<T>({ pointer, also = [], text, read, take, clear }: EntryField<T>) {
  const host = useEntries()
  const { problems } = host
  useClaim([pointer, ...also])
  const entry = useStore(host.store, (state) => state.entries[pointer])
  const isCleared = clear !== undefined && entry !== undefined && isNothing(entry.text)
  const reading = entry === undefined || isCleared ? null : read(entry.text, entry.before, host.where)
  const isQuiet =
    reading === null ||
    reading.status === 'read' ||
    (reading.status === 'incomplete' && entry !== undefined && isBeingTyped(entry))
  const refused = problems.find(
    (problem) => problem.pointer === pointer || (problem.pointer !== null && also.includes(problem.pointer)),
  )

  /** Ends the typing: what was read is shown written out again, what is left incomplete is asked about. */
  const finish = () => {
    if (isCleared) clear()
    if (reading === null || reading.status === 'read') host.setEntry(pointer, null)
    else if (entry) {
      host.setEntry(pointer, { ...entry, says: 'unread' })
      host.rewind()
    }
    host.settle()
  }

  // A field that goes away while somebody types is left by that, and no blur tells of it.
  const leave = useEffectEvent((left: string) => {
    const typed = host.store.getState().entries[left]
    if (typed === undefined || !isBeingTyped(typed)) return
    if (left === pointer) finish()
    else {
      host.setEntry(left, typed.says === 'read' ? null : { ...typed, says: 'unread' })
      host.settle()
    }
  })
  useLayoutEffect(() => () => leave(pointer), [pointer])

  return {
    shown: entry?.text ?? text,
    problem: isQuiet ? refused?.message : reading.message,
    type: (typed: string) => {
      const before = entry?.before ?? text
      const typedReading = read(typed, before, host.where)
      const says = clear !== undefined && isNothing(typed) ? 'read' : typedReading.status
      host.setEntry(pointer, { text: typed, before, says })
      if (typedReading.status === 'read') take(typedReading.value)
      // What the text meant on the way here, a key press ago, is not what it means.
      else if (typedReading.status === 'unread') host.rewind()
    },
    /** Shows the value written out again, without ending the run of changes. */
    dropText: () => host.setEntry(pointer, null),
    finish,
    /** Goes back to how it was before the typing began; where that is over and was refused, to what stood there before. */
    takeBack: () => {
      host.setEntry(pointer, null)
      if (entry === undefined && refused !== undefined) host.restore(pointer)
      else host.rewind()
    },
    isTyped: entry !== undefined,
  }
}
