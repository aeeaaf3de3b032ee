import { useStore } from 'zustand'
import type { Reading } from '../entry/reading'
import { useOpenCase } from './CaseContext'

/** A field of the case: where it lies, how its text is read, and what becomes of its value. */
export type EntryField<T> = {
  pointer: string
  /** Further places in the document whose problems are shown here. */
  also?: readonly string[] | undefined
  /** The value as it stands, written out. */
  text: string
  read: (text: string) => Reading<T>
  /** Takes the value into the case. */
  take: (value: T) => void
  /** What a text emptied for good means; where absent, an empty text is unreadable. */
  clear?: (() => void) | undefined
}

/** What is typed into a field, followed by the case at each key press; what cannot be read stays as it was typed. */
export function useEntry<T>({ pointer, also = [], text, read, take, clear }: EntryField<T>) {
  const { store, problems } = useOpenCase()
  const entry = useStore(store.store, (state) => state.entries[pointer])
  const isCleared = clear !== undefined && entry?.text.trim() === ''
  const reading = entry === undefined || isCleared ? null : read(entry.text)
  const refused = problems.find((problem) => problem.pointer === pointer || also.includes(problem.pointer))

  return {
    shown: entry?.text ?? text,
    problem: reading?.status === 'unread' ? reading.message : refused?.message,
    type: (typed: string) => {
      const typedReading = read(typed)
      const isReadable = typedReading.status === 'read'
      store.setEntry(pointer, {
        text: typed,
        isReadable: isReadable || (clear !== undefined && typed.trim() === ''),
      })
      if (isReadable) take(typedReading.value)
      // What the text meant on the way here, a key press ago, is not what it means.
      else store.rewind()
    },
    /** Shows the value written out again, without ending the run of changes. */
    dropText: () => store.setEntry(pointer, null),
    /** Ends the typing: what was read is shown written out again. */
    finish: () => {
      if (isCleared) clear()
      if (reading === null || reading.status === 'read') store.setEntry(pointer, null)
      store.settle()
    },
    /** Goes back to how it was before the typing began. */
    takeBack: () => {
      store.setEntry(pointer, null)
      store.rewind()
    },
  }
}
