import { create } from 'zustand'

/** Whether the drawer with costs and conventions stands open. */
export const useCostsDrawer = create<{ isOpen: boolean; open: () => void; close: () => void }>((set) => ({
  isOpen: false,
  open: () => set({ isOpen: true }),
  close: () => set({ isOpen: false }),
}))
