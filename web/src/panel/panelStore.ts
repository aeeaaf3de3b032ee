import { createContext, useContext } from 'react'
import { create } from 'zustand'
import type { Subject } from '../api/workings'
import type { FigureName } from '../working/figureWords'

/** A figure of a subject. */
export type ShownFigure = { figure: FigureName; subject: Subject }

/** What the panel beside a case shows. */
export type PanelView =
  | { kind: 'costs' }
  /** Options that are made from the practice's rates, or from a seller's credit. */
  | { kind: 'rates' }
  | { kind: 'credit' }
  /** A target as it is typed. */
  | { kind: 'target'; text: string }
  /** How a figure of a subject is calculated. */
  | ({ kind: 'working' } & ShownFigure)

type PanelStore = {
  /** The way from what was opened first to what is shown, last; empty while the panel is closed. */
  trail: readonly PanelView[]
  /** How often it was opened from the page: each time it is another panel. */
  openings: number
  /** Opens it from the page. */
  open: (view: PanelView) => void
  /** Goes on from what it shows, with a way back. */
  follow: (view: PanelView) => void
  /** Changes what it shows in place. */
  replace: (view: PanelView) => void
  back: () => void
  /** Goes back to what it showed before of another kind, or closes it. */
  dismiss: () => void
  close: () => void
}

/** The one panel beside a case: one thing is open at a time. */
export const usePanel = create<PanelStore>((set) => ({
  trail: [],
  openings: 0,
  open: (view) => set(({ openings }) => ({ trail: [view], openings: openings + 1 })),
  follow: (view) => set(({ trail }) => ({ trail: [...trail, view] })),
  replace: (view) => set(({ trail }) => ({ trail: [...trail.slice(0, -1), view] })),
  back: () => set(({ trail }) => ({ trail: trail.slice(0, -1) })),
  dismiss: () =>
    set(({ trail }) => {
      const last = trail.findLastIndex(({ kind }) => kind !== trail.at(-1)?.kind)
      return { trail: trail.slice(0, last + 1) }
    }),
  close: () => set({ trail: [] }),
}))

/** Whether something stands in the panel itself. */
export const InPanel = createContext(false)

/** Opens a view in the panel; from within the panel, with a way back. */
export function useOpenPanel(): (view: PanelView) => void {
  const isInPanel = useContext(InPanel)
  return usePanel((panel) => (isInPanel ? panel.follow : panel.open))
}
