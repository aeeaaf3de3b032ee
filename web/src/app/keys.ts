import { useEffect } from 'react'

/** A key that does something everywhere in a view. */
export type KeyAction = {
  /** As shown to people: Ctrl+Z, ?, n. */
  keys: string
  does: string
  run: () => void
}

/** Keys that hold Ctrl (or ⌘) work while typing; single letters do not, for there they are text. */
export function matches(keys: string, event: KeyboardEvent): boolean {
  const steps = keys.split('+')
  const key = steps.at(-1)?.toLowerCase()
  const wantsControl = steps.includes('Ctrl')
  const wantsShift = steps.includes('Shift')
  if (event.key.toLowerCase() !== key || (event.ctrlKey || event.metaKey) !== wantsControl) return false
  return wantsControl ? event.shiftKey === wantsShift : !isTyping(event.target) && !event.altKey
}

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName))

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
