import { useRef, type FocusEvent, type MouseEvent } from 'react'

/**
 * Lets a field be typed over: all of it is selected when it is entered and by the first press into it, whichever brought the focus.
 * Once it was pressed or typed into, a press places the caret, until it is entered again.
 */
export function useTypeOver() {
  const wasPressed = useRef(false)
  return {
    onFocus: ({ target }: FocusEvent<HTMLInputElement>) => {
      wasPressed.current = false
      target.select()
    },
    onInput: () => {
      wasPressed.current = true
    },
    onMouseDown: (event: MouseEvent<HTMLInputElement>) => {
      const { currentTarget: field } = event
      if (wasPressed.current || field.disabled) return
      // A browser would place the caret at the end of the press, whatever is selected by then.
      event.preventDefault()
      field.focus()
      field.select()
      wasPressed.current = true
    },
  }
}
