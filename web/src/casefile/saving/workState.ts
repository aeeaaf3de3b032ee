import type { CaseView } from '../../api/client'
import type { Phase } from './saverState'

/** Whether the work on a case is safe. */
export type WorkState =
  | { name: 'saved' }
  /** It goes to the server by itself within a moment. */
  | { name: 'saving' }
  /** A figure is being typed, and stored once it is finished. */
  | { name: 'typing' }
  /** An entry stands that cannot be stored. */
  | { name: 'faulty' }
  /** Tried again by itself. */
  | { name: 'silent' }
  | { name: 'failing'; reason: string }
  | { name: 'refused'; reason: string }
  | { name: 'conflict'; theirs: CaseView }

type Known = {
  phase: Phase
  /** Whether what is held is what the server acknowledged. */
  isSaved: boolean
  isHalfTyped: boolean
  hasFaultyEntry: boolean
  /** Whether the server did not answer when it was asked for figures. */
  isSilent: boolean
}

/** Tells it by what is held and what was acknowledged; only where they differ by what is being done about it. */
export function stateOf({ phase, isSaved, isHalfTyped, hasFaultyEntry, isSilent }: Known): WorkState {
  if (phase.name === 'conflict') return phase
  if (isSaved) return { name: 'saved' }
  if (hasFaultyEntry) return { name: 'faulty' }
  if (phase.name === 'silent' || phase.name === 'failing' || phase.name === 'refused') return phase
  if (isSilent) return { name: 'silent' }
  return { name: isHalfTyped ? 'typing' : 'saving' }
}
