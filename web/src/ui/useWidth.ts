import { useCallback, useState } from 'react'

/** The width in pixels that an element has on the screen, followed as it changes; attach the first to the element. */
export function useWidth(): [(element: HTMLElement | null) => (() => void) | undefined, number] {
  const [width, setWidth] = useState(0)
  const attach = useCallback((element: HTMLElement | null) => {
    if (!element) return
    setWidth(element.clientWidth)
    const observer = new ResizeObserver(() => setWidth(element.clientWidth))
    observer.observe(element)
    return () => observer.disconnect()
  }, [])
  return [attach, width]
}
