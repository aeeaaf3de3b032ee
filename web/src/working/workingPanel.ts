import { create } from 'zustand'
import type { FigureName } from './words'

/** Which figure's working stands open, and of which payment where it is one of the schedule's lines. */
type WorkingPanel = {
  figure: FigureName | null
  line: number | null
  open: (figure: FigureName, line?: number | null) => void
  close: () => void
}

export const useWorkingPanel = create<WorkingPanel>((set) => ({
  figure: null,
  line: null,
  open: (figure, line = null) => set({ figure, line }),
  close: () => set({ figure: null, line: null }),
}))
