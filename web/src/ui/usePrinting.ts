import { useSyncExternalStore } from 'react'

let isPrinting = false

/** Told before and after a page is printed, and while it is shown as it will be. */
function subscribe(changed: () => void) {
  const shown = window.matchMedia('print')
  const set = (is: boolean) => {
    isPrinting = is
    changed()
  }
  const begin = () => set(true)
  const end = () => set(false)
  const follow = () => set(shown.matches)
  window.addEventListener('beforeprint', begin)
  window.addEventListener('afterprint', end)
  shown.addEventListener('change', follow)
  return () => {
    window.removeEventListener('beforeprint', begin)
    window.removeEventListener('afterprint', end)
    shown.removeEventListener('change', follow)
  }
}

/** Whether the page is being printed: what is built on demand is then needed whole. */
export const usePrinting = () => useSyncExternalStore(subscribe, () => isPrinting)
