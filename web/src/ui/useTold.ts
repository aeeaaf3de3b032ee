import { useEffect, useState } from 'react'

const TOLD_FOR_MS = 2000

/** A word of what has just happened, gone after a moment; and how to say one. */
export function useTold(): [string | null, (words: string) => void] {
  const [told, setTold] = useState<string | null>(null)
  useEffect(() => {
    if (told === null) return
    const timer = setTimeout(() => setTold(null), TOLD_FOR_MS)
    return () => clearTimeout(timer)
  }, [told])
  return [told, setTold]
}
