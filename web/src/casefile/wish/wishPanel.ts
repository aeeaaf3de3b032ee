import { create } from 'zustand'
import { readWish } from '../../entry/wish'
import { useOpenCase } from '../CaseContext'

type WishPanel = {
  /** The wish as typed; null while nobody wishes for anything. */
  text: string | null
  open: (text: string) => void
  type: (text: string) => void
  close: () => void
}

/** The panel that solves wishes. */
export const useWishPanel = create<WishPanel>((set) => ({
  text: null,
  open: (text) => set({ text }),
  type: (text) => set({ text }),
  close: () => set({ text: null }),
}))

/** Opens the panel for a wish typed into a figure; whether the text was one. */
export function useAsk(): (text: string) => boolean {
  const { locale } = useOpenCase()
  const open = useWishPanel((panel) => panel.open)
  return (text) => {
    const isWish = readWish(text, locale).status === 'read'
    if (isWish) open(text)
    return isWish
  }
}
