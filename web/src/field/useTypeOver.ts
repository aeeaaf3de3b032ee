import { useRef, type FocusEvent, type MouseEvent } from 'react'

/**
 * Lets a field be typed over: all of it is selected when it is entered and by the first press into it, whichever brought the focus.
 * Once it was pressed or typed into, a press places the caret.
 *
 * @param isTyped whether its text is being typed
 */
export function useTypeOver(isTyped: boolean) {
  const wasPressed = useRef(false)
  return {
    onFocus: ({ target }: FocusEvent<HTMLInputElement>) => {
      wasPressed.current = false
      target.select()
    },
    onClick: ({ currentTarget }: MouseEvent<HTMLInputElement>) => {
      const { selectionStart, selectionEnd } = currentTarget
      // A part that was drawn over with the mouse is what is meant to be typed over.
      if (!wasPressed.current && !isTyped && selectionStart === selectionEnd) currentTarget.select()
      wasPressed.current = true
    },
  }
}
