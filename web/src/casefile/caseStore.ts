import { temporal } from 'zundo'
import { createStore } from 'zustand/vanilla'
import type { CaseDocument } from '../api/client'
import type { OptionChange } from './option'
import { changeOption, type Options } from './options'

export type CaseState = {
  document: CaseDocument
  /** Texts being typed or not readable yet, by the JSON Pointer of their field. */
  entries: Readonly<Record<string, Entry>>
  /** Which option is shown, counted from 0. */
  selected: number
}

/** A text in a field: what stood there when the typing began, and whether it can be read, or may be once it is longer. */
export type Entry = { text: string; before: string; isReadable: boolean }

/** Whether a text stands somewhere that is no part of the document because it cannot be read. */
export const hasUnreadableEntry = ({ entries }: CaseState) =>
  Object.values(entries).some((entry) => !entry.isReadable)

/** Whether a text is being typed that is not finished yet: the case follows it, but nobody has meant it so far. */
export const isTyping = ({ entries }: CaseState) => Object.values(entries).some((entry) => entry.isReadable)

/** The option that is shown: the one chosen, or the last where fewer are left. */
export const selectedOf = ({ document, selected }: CaseState) =>
  Math.min(selected, document.options.length - 1)

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
  const change = (document: CaseDocument) => {
    store.setState({ document })
    history().pause()
  }
  const select = (selected: number) => {
    settle()
    store.setState({ selected, entries: {} })
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

  return {
    store,
    rewind,
    settle,
    setEntry,
    change,
    changeDocument: (fields: Partial<CaseDocument>) => change({ ...store.getState().document, ...fields }),
    /** Changes the option that is shown. */
    changeOption: (how: OptionChange) =>
      change(changeOption(store.getState().document, selectedOf(store.getState()), how)),
    /** Shows another option. */
    select,
    /** Changes the list of options as one step, and shows one of them. */
    changeOptions: ({ options, selected }: Options) => {
      settle()
      change({ ...store.getState().document, options })
      select(selected)
    },
    undo: () => travel(() => history().undo()),
    redo: () => travel(() => history().redo()),
    /** Takes over a state saved elsewhere; what was here can be had back by undo. */
    adopt: (document: CaseDocument) => travel(() => store.setState({ document })),
  }
}
