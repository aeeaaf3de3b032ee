import { useEffect, useState } from 'react'

/** Sooner nobody sees that figures are still those of a moment ago. */
const LATE_AFTER_MS = 100

/** Whether something has been so for longer than goes unseen. */
export function useIsLate(isSo: boolean): boolean {
  const [isLate, setLate] = useState(false)
  useEffect(() => {
    if (!isSo) return
    const timer = setTimeout(() => setLate(true), LATE_AFTER_MS)
    return () => {
      clearTimeout(timer)
      setLate(false)
    }
  }, [isSo])
  return isLate
}
