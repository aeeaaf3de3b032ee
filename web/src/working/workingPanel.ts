import { create } from 'zustand'
import { WHOLE_OPTION, type Subject } from '../api/workings'
import type { FigureName } from './figureWords'

/** A figure whose working stands open. */
export type Shown = { figure: FigureName; subject: Subject }

type WorkingPanel = {
  /** The way from the figure that was opened first to the one that is shown, last; empty while none is. */
  trail: readonly Shown[]
  /** Opens a figure of the page. */
  open: (figure: FigureName, subject?: Subject) => void
  /** Goes on from a working to that of another figure. */
  follow: (shown: Shown) => void
  back: () => void
  close: () => void
}

export const useWorkingPanel = create<WorkingPanel>((set) => ({
  trail: [],
  open: (figure, subject = WHOLE_OPTION) => set({ trail: [{ figure, subject }] }),
  follow: (shown) => set(({ trail }) => ({ trail: [...trail, shown] })),
  back: () => set(({ trail }) => ({ trail: trail.slice(0, -1) })),
  close: () => set({ trail: [] }),
}))
