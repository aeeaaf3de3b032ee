/** Puts the cursor into a figure once it is on the screen. */
export function focusFigure(pointer: string) {
  requestAnimationFrame(() => {
    document.querySelector<HTMLElement>(`[data-pointer="${CSS.escape(pointer)}"]`)?.focus()
  })
}
