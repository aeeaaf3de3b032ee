import { createContext, useContext } from 'react'
import type { CaseDocument } from '../api/client'

/** What is on the screen: answers are shown as current only if they are of it. */
export type Shown = {
  document: CaseDocument
  /** The id of the option that is shown. */
  option: string
  /** Why figures are not those of the entries as they stand, where they are not. */
  staleness: string | null
}

export const ShownContext = createContext<Shown | null>(null)

export function useShown(): Shown {
  const shown = useContext(ShownContext)
  if (!shown) throw new Error('useShown needs a ShownContext above it')
  return shown
}

/** Whether the answers below are of what is on the screen, rather than of an earlier state or another option. */
export const CurrentContext = createContext(true)

/** Whether what is shown here may be applied, copied or followed: an answer to something else waits until its own has come. */
export const useIsCurrent = () => useContext(CurrentContext)
