/** The field of a place on the screen: the one that it names, or whose problems it tells; null where there is none. */
export function fieldOf(place: string): HTMLElement | null {
  const quoted = CSS.escape(place)
  return (
    document.querySelector<HTMLElement>(`[data-pointer="${quoted}"]`) ??
    document.querySelector<HTMLElement>(`[data-also~="${quoted}"]`)
  )
}

/** Puts the cursor into the field of a place as soon as that is on the screen; whatever is pressed before ends the wait. */
export function focusFigure(place: string) {
  const observer = new MutationObserver(() => focus())
  const stop = () => {
    observer.disconnect()
    for (const event of STOPPING) window.removeEventListener(event, stop, true)
  }
  const focus = () => {
    const field = fieldOf(place)
    if (field === null) return
    stop()
    field.focus()
  }
  for (const event of STOPPING) window.addEventListener(event, stop, true)
  observer.observe(document.body, { subtree: true, childList: true, attributeFilter: ['data-pointer'] })
  requestAnimationFrame(focus)
}

const STOPPING = ['keydown', 'pointerdown'] as const
