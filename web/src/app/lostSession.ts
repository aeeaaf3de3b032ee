import { create } from 'zustand'

type LostSession = {
  /** Whether the session of who works here has ended, so that the server answers nothing. */
  isLost: boolean
  lose: () => void
  /** Told once they have signed in again. */
  regain: () => void
}

export const useLostSession = create<LostSession>((set) => ({
  isLost: false,
  lose: () => set({ isLost: true }),
  regain: () => set({ isLost: false }),
}))
