import type { QuantityView, WorkingView } from '../api/client'
import type { Subject } from '../api/workings'
import type { FigureName } from './figureWords'

/** A working at hand, and what it is of. */
export type Known = { working: WorkingView; subject: Subject }

/** The working that a number of another one is the result of; none for what was given or only arises on the way. */
export function sourceOf(
  { name, value }: QuantityView,
  of: WorkingView,
  known: readonly Known[],
): Known | undefined {
  return known.find(
    ({ working }) =>
      working.figure !== of.figure && working.result.name === name && working.result.value === value,
  )
}

/** A figure's working among those at hand: the nearest, which is the first. */
export const knownAs = (figure: FigureName, known: readonly Known[]) =>
  known.find(({ working }) => working.figure === figure)
