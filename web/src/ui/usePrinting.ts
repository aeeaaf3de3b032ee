import { useSyncExternalStore } from 'react'

let isBetween = false

/** Told before and after a page is printed, and while it is shown as it will be. */
function subscribe(changed: () => void) {
  const shown = window.matchMedia('print')
  const begin = () => {
    isBetween = true
    changed()
  }
  const end = () => {
    isBetween = false
    changed()
  }
  window.addEventListener('beforeprint', begin)
  window.addEventListener('afterprint', end)
  shown.addEventListener('change', changed)
  return () => {
    window.removeEventListener('beforeprint', begin)
    window.removeEventListener('afterprint', end)
    shown.removeEventListener('change', changed)
  }
}

/** Whether the page is being printed: what is built on demand is then needed whole. */
export const usePrinting = () =>
  useSyncExternalStore(subscribe, () => isBetween || window.matchMedia('print').matches)
