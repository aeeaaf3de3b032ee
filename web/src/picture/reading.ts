import { bisectCenter } from 'd3-array'

/** Which of these places, in order, lies nearest to another. */
export const nearest = (places: readonly number[], place: number) => bisectCenter(places, place)

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
