import type { ReactNode } from 'react'
import { EntriesContext } from './EntriesContext'
import { useDraft } from './useDraft'

const ofNothing = () => undefined

/** Fields below keep their texts to themselves: what is typed there belongs to a question, not to a case. */
export function OwnEntries({ children }: { children: ReactNode }) {
  const draft = useDraft(null, ofNothing)
  return <EntriesContext value={draft}>{children}</EntriesContext>
}
