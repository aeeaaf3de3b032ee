import { bisectRight } from 'd3-array'

/** Which of these steps, known by where each begins, a place lies in; before the first it is the first. */
export const stepAt = (beginnings: readonly number[], place: number) =>
  Math.max(0, bisectRight(beginnings, place) - 1)

/** Where a key leads from one of a picture's points, counted from the first to the last; null for any other key. */
export function pointAfter(
  key: string,
  { at, first, last, page }: { at: number; first: number; last: number; page: number },
): number | null {
  const moves: Record<string, number> = {
    ArrowLeft: -1,
    ArrowDown: -1,
    ArrowRight: 1,
    ArrowUp: 1,
    PageDown: -page,
    PageUp: page,
    Home: -Infinity,
    End: Infinity,
  }
  const move = moves[key]
  return move === undefined ? null : Math.min(last, Math.max(first, at + move))
}
