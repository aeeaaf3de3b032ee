/** Puts the cursor, once it is on the screen, into the field of a place: the one that it names, or whose problems it tells. */
export function focusFigure(place: string) {
  requestAnimationFrame(() => {
    const quoted = CSS.escape(place)
    const field =
      document.querySelector<HTMLElement>(`[data-pointer="${quoted}"]`) ??
      document.querySelector<HTMLElement>(`[data-also~="${quoted}"]`)
    field?.focus()
  })
}
