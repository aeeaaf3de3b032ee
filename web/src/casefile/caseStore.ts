import { temporal } from 'zundo'
import { createStore } from 'zustand/vanilla'
import type { CaseDocument, OptionDocument } from '../api/client'
import { baselineOf, type OptionChange } from './option'
import { changeOption, type OptionsChange } from './options'
import { createClaims } from '../field/claims'
import { isBeingTyped, type Entry } from '../field/EntriesContext'
import { stands, valueAt, withValueAt } from '../field/pointers'

export type CaseState = {
  document: CaseDocument
  /** Texts being typed or not readable yet, by the place of their field, with ids. */
  entries: Readonly<Record<string, Entry>>
  /** The id of the option that is shown. */
  selected: string
}

/** Whether a text stands somewhere that is no part of the document because it cannot be read. */
export const hasUnreadableEntry = ({ entries }: CaseState) =>
  Object.values(entries).some((entry) => !isBeingTyped(entry))

/** Whether a text is being typed that is not finished yet: the case follows it, but nobody has meant it so far. */
export const isTyping = ({ entries }: CaseState) => Object.values(entries).some(isBeingTyped)

/** The option that is shown: the one chosen, or the baseline where that one is gone. */
export const selectedOf = ({ document, selected }: CaseState): OptionDocument =>
  document.options.find(({ id }) => id === selected) ?? baselineOf(document)

/** An open case: its document with undo and redo, and the texts that are not part of it yet. */
export type CaseStore = ReturnType<typeof createCaseStore>

const UNDO_STEPS = 200

export function createCaseStore(start: CaseState) {
  const store = createStore<CaseState>()(
    temporal(() => start, {
      // Going back shows the option in which something changes; choosing one is no step of its own.
      partialize: ({ document, selected }) => ({ document, selected }),
      equality: (past, current) => past.document === current.document,
      limit: UNDO_STEPS,
    }),
  )
  const history = () => store.temporal.getState()

  /** Ends a run of changes that are undone as one. */
  const settle = () => history().resume()
  /** Puts a document in place; a text typed for an option, an entry or a value that it has no more goes with it. */
  const put = (document: CaseDocument) => {
    const { entries, document: before } = store.getState()
    const isGone = (place: string) => valueAt(before, place) != null && valueAt(document, place) == null
    const left = Object.entries(entries).filter(
      ([place, entry]) => stands(document, place) && (isBeingTyped(entry) || !isGone(place)),
    )
    store.setState({ document, entries: Object.fromEntries(left) })
  }
  const change = (document: CaseDocument) => {
    put(document)
    history().pause()
  }
  const select = (selected: string) => {
    settle()
    store.setState({ selected })
  }
  const setEntry = (pointer: string, entry: Entry | null) => {
    const entries = Object.fromEntries(
      Object.entries(store.getState().entries).filter(([key]) => key !== pointer),
    )
    store.setState({ entries: entry === null ? entries : { ...entries, [pointer]: entry } })
  }
  const travel = (go: () => void) => {
    settle()
    go()
    store.setState({ entries: {} })
  }

  /** Goes back to where the run of changes began, as if it had not been. */
  const rewind = () => {
    if (history().isTracking) return
    history().undo()
    store.temporal.setState({ futureStates: [] })
    settle()
  }

  /** Goes back to what a place said before its last change, as a step of its own. */
  const restore = (place: string) => {
    const { document } = store.getState()
    const now = valueAt(document, place)
    const before = history().pastStates.findLast(
      (past) => past.document !== undefined && valueAt(past.document, place) !== now,
    )?.document
    if (now === undefined || before === undefined) return
    settle()
    put(withValueAt(document, place, valueAt(before, place)))
  }

  /** The state if every field were left as it is now: what is read stays, what is incomplete is asked about. */
  const asLeft = (): CaseState => {
    const { document, entries, selected } = store.getState()
    const unread = Object.entries(entries).filter(([, { says }]) => says !== 'read')
    const isIncomplete = unread.some(([, entry]) => isBeingTyped(entry))
    const settled = history().isTracking ? undefined : history().pastStates.at(-1)?.document
    return {
      document: isIncomplete ? (settled ?? document) : document,
      entries: Object.fromEntries(unread.map(([place, entry]) => [place, { ...entry, says: 'unread' }])),
      selected,
    }
  }

  return {
    store,
    asLeft,
    restore,
    claims: createClaims(),
    rewind,
    settle,
    setEntry,
    change,
    changeDocument: (fields: Partial<CaseDocument>) => change({ ...store.getState().document, ...fields }),
    /** Changes the option of an id. */
    changeOption: (id: string, how: OptionChange) => change(changeOption(store.getState().document, id, how)),
    /** Shows another option. */
    select,
    /** Changes the list of options as one step, and shows one of them. */
    changeOptions: (how: OptionsChange) => {
      settle()
      const { document } = store.getState()
      const { options, selected } = how(document.options)
      change({ ...document, options })
      select(selected)
    },
    undo: () => travel(() => history().undo()),
    redo: () => travel(() => history().redo()),
    /** Takes over a state saved elsewhere; what was here can be had back by undo, and what is being typed stays. */
    adopt: (document: CaseDocument) => {
      settle()
      put(document)
    },
  }
}
