import { useEffect } from 'react'
import { hasSingleKeys } from './singleKeys'

/** A key that does something everywhere in a view. */
export type KeyAction = {
  /** As shown to people: Ctrl+Z, ?, n. */
  keys: string
  does: string
  run: () => void
}

/**
 * Keys that hold Ctrl (or ⌘) work in a field of the case, but not while a text stands half typed in it, whose own undo they
 * are. Single letters work outside of fields, menus and dialogs, unless they are turned off (WCAG 2.1.4).
 */
export function matches(keys: string, event: KeyboardEvent): boolean {
  const steps = keys.split('+')
  const key = steps.at(-1)?.toLowerCase()
  const wantsControl = steps.includes('Ctrl')
  const wantsShift = steps.includes('Shift')
  if (event.key.toLowerCase() !== key || (event.ctrlKey || event.metaKey) !== wantsControl) return false
  if (wantsControl) return event.shiftKey === wantsShift && !isTyping(event.target)
  return hasSingleKeys() && !event.altKey && !isTaken(event.target)
}

const FIELDS = 'input, textarea, select, [contenteditable]'
const TAKING_LETTERS = `${FIELDS}, [role=menu], [role=listbox], [role=dialog], [role=alertdialog]`

/** Whether a text is being typed that is not a finished figure of the case. */
const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  target.matches(FIELDS) &&
  (target.dataset.pointer === undefined || target.dataset.typed !== undefined)

/** Whether letters mean something where the focus is. */
const isTaken = (target: EventTarget | null) =>
  target instanceof Element && target.closest(TAKING_LETTERS) !== null

export function useKeys(actions: readonly KeyAction[]) {
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      const action = event.defaultPrevented ? undefined : actions.find(({ keys }) => matches(keys, event))
      if (!action) return
      event.preventDefault()
      action.run()
    }
    document.addEventListener('keydown', onKeyDown)
    return () => document.removeEventListener('keydown', onKeyDown)
  }, [actions])
}
