import { useEffect, useState } from 'react'

/** A value once it has not changed for a while: what follows from it is asked for once, and not for every key press. */
export function useRested<T>(value: T, restMs: number): T {
  const [rested, setRested] = useState(value)
  useEffect(() => {
    const timer = setTimeout(() => setRested(value), restMs)
    return () => clearTimeout(timer)
  }, [value, restMs])
  return rested
}
