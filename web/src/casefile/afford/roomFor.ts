import { LineProblems } from '../../field/lineProblems'

/**
 * What is to be added to a list, if the list has room for all of it.
 * @throws LineProblems where it has not: nothing is taken then
 */
export function roomFor<T>(
  added: readonly T[],
  present: number,
  most: number,
  things: 'lines' | 'borrowers' = 'lines',
): readonly T[] {
  if (present + added.length <= most) return added
  const message = `The case has ${present} of at most ${most} ${things}; ${added.length} more have no room.`
  throw new LineProblems([{ line: null, column: null, message }])
}
