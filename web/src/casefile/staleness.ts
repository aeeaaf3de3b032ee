import { useEffect, useState } from 'react'
import type { Figures } from './useFigures'

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

/** Why the figures are not those of the entries as they stand; null where they are, or will be before anyone sees. */
export function stalenessOf({ hasFaultyEntry, status }: Figures, isLate: boolean): string | null {
  if (hasFaultyEntry) return 'Showing the last valid results.'
  switch (status) {
    case 'silent':
      return 'No connection: showing the last results.'
    case 'failed':
      return 'The server could not calculate this, trying again: showing the last results.'
    case 'pending':
      return isLate ? 'Calculating…' : null
    default:
      return null
  }
}
