import { create } from 'zustand'
import type { FigureName } from './words'

/** Which figure's working stands open. */
export const useWorkingPanel = create<{
  figure: FigureName | null
  open: (figure: FigureName) => void
  close: () => void
}>((set) => ({
  figure: null,
  open: (figure) => set({ figure }),
  close: () => set({ figure: null }),
}))
