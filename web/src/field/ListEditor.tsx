import { useEffect, useRef, type KeyboardEvent, type ReactNode } from 'react'
import { TextButton } from '../ui/TextButton'
import { useEntries, type Entry } from './EntriesContext'
import './list-editor.css'

type ListEditorProps<T> = {
  label: string
  entries: readonly T[]
  /** An entry's fields, in a line; the first tells whether it is empty. */
  line: (entry: T) => ReactNode
  /** Adds an entry after another one, or at the end; the id that it got. */
  add: (after: string | null) => string
  remove: (id: string) => void
  /** Puts an entry before or after its neighbour. */
  move: (id: string, by: -1 | 1) => void
  /** What adds the first or a further entry. */
  addWords: string
}

/**
 * A list that is typed: Enter adds a line below, Delete in the first field of an empty one removes it, Alt with an arrow moves it.
 * The focus stays with the entry. Each of these is a step of its own: what is then typed in a line can be taken back without the line.
 */
export function ListEditor<T extends { id: string }>(props: ListEditorProps<T>) {
  const { label, entries, line, add, remove, move, addWords } = props
  const { settle, store } = useEntries()
  const list = useRef<HTMLOListElement>(null)
  const wanted = useRef<string | null>(null)

  // A line that was added is there only now, and one that was moved has lost the focus on its way.
  useEffect(() => {
    const field = wanted.current && firstFieldOf(list.current, wanted.current)
    if (!field) return
    wanted.current = null
    field.focus()
  })

  const addAfter = (id: string | null) => {
    wanted.current = add(id)
    settle()
  }
  const removeAt = (index: number) => {
    const entry = entries[index]
    if (!entry) return
    wanted.current = (entries[index - 1] ?? entries[index + 1])?.id ?? null
    remove(entry.id)
    settle()
  }
  const onKeyDown = (event: KeyboardEvent<HTMLOListElement>) => {
    const { target } = event
    const id = target instanceof HTMLElement && target.closest<HTMLElement>('[data-entry]')?.dataset.entry
    const index = entries.findIndex((entry) => entry.id === id)
    // Fields apart from the line have keys of their own.
    const isApart = target instanceof Element && target.closest('[data-apart]') !== null
    if (!id || index < 0 || isApart || !(target instanceof HTMLInputElement)) return
    const by = event.altKey ? { ArrowUp: -1 as const, ArrowDown: 1 as const }[event.key] : undefined
    if (by !== undefined) {
      event.preventDefault()
      if (!entries[index + by]) return
      wanted.current = id
      move(id, by)
      settle()
    } else if (event.key === 'Enter') {
      if (!isRefused(store.getState().entries, id)) addAfter(id)
    } else if (
      (event.key === 'Delete' || event.key === 'Backspace') &&
      isEmptyFirst(list.current, id, target)
    ) {
      event.preventDefault()
      removeAt(index)
    }
  }

  return (
    <>
      {entries.length > 0 && (
        <ol ref={list} aria-label={label} className="list-editor" onKeyDown={onKeyDown}>
          {entries.map((entry, index) => (
            <li key={entry.id} data-entry={entry.id}>
              <span>{line(entry)}</span>
              <button
                type="button"
                className="list-editor-remove"
                aria-label={`Delete ${label.toLowerCase()}, line ${index + 1}`}
                onClick={() => removeAt(index)}
              >
                ×
              </button>
            </li>
          ))}
        </ol>
      )}
      <p className="mt-1">
        <TextButton onClick={() => addAfter(null)}>{addWords}</TextButton>
      </p>
    </>
  )
}

const firstFieldOf = (list: HTMLElement | null, id: string) =>
  list?.querySelector<HTMLInputElement>(`[data-entry="${CSS.escape(id)}"] input`)

/** Whether a field is the first of its line and says nothing: the line goes with it, and no other field's emptiness takes it away. */
const isEmptyFirst = (list: HTMLElement | null, id: string, field: HTMLInputElement) =>
  field === firstFieldOf(list, id) && field.value.trim() === ''

/** Whether a line holds a text that cannot be read, once its field has been left: no further line is begun before it can. */
const isRefused = (entries: Readonly<Record<string, Entry>>, id: string) =>
  Object.entries(entries).some(([place, { says }]) => says === 'unread' && place.split('/').includes(id))
