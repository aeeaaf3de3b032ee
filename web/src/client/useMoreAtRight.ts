import { useCallback, useState, type UIEvent } from 'react'

/** Less than this of a column is no column. */
const LEAST_PX = 8

const isCut = ({ scrollWidth, clientWidth, scrollLeft }: HTMLElement) =>
  scrollWidth - clientWidth - scrollLeft > LEAST_PX

/** Whether something that moves within itself has more at its right than is seen. */
export function useMoreAtRight() {
  const [isMore, setIsMore] = useState(false)
  const attach = useCallback((element: HTMLElement | null) => {
    if (element === null) return
    const observer = new ResizeObserver(() => setIsMore(isCut(element)))
    observer.observe(element)
    return () => observer.disconnect()
  }, [])
  const onScroll = (event: UIEvent<HTMLElement>) => setIsMore(isCut(event.currentTarget))
  return { attach, onScroll, isMore }
}
