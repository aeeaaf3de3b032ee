import type { ReactNode } from 'react'
import { useIsOwner } from '../app/session'

/** Shows what only an owner of the practice may do, to owners. */
export function OwnersOnly({ children }: { children: ReactNode }) {
  return useIsOwner() && children
}
