import { useEffect, useState } from 'react'

/** Whether no key was pressed for a while: what takes the keyboard away waits for it. */
export function useKeysRested(restMs: number): boolean {
  const [isRested, setIsRested] = useState(false)
  useEffect(() => {
    if (isRested) return
    const rest = () => setIsRested(true)
    let timer = setTimeout(rest, restMs)
    const wait = () => {
      clearTimeout(timer)
      timer = setTimeout(rest, restMs)
    }
    window.addEventListener('keydown', wait, true)
    return () => {
      window.removeEventListener('keydown', wait, true)
      clearTimeout(timer)
    }
  }, [isRested, restMs])
  return isRested
}
