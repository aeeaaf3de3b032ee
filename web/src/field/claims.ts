import { createStore } from 'zustand/vanilla'

/** The places whose problems are told at a field on the screen, each with how many fields do. */
export type Claims = ReturnType<typeof createClaims>

export function createClaims() {
  const store = createStore<Readonly<Record<string, number>>>(() => ({}))
  const count = (places: readonly string[], by: number) => {
    const counts = { ...store.getState() }
    for (const place of places) counts[place] = (counts[place] ?? 0) + by
    store.setState(counts, true)
  }
  return {
    store,
    /** Claims places for a field; what it returns gives them up. */
    claim: (places: readonly string[]) => {
      count(places, 1)
      return () => count(places, -1)
    },
  }
}
