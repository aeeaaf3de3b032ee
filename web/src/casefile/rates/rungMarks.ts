import { upright, type Mark } from '../../picture/marks'

/** A rung's difference in a box of this size: from the middle to the left what costs less, to the right what costs more. */
export function rungMarks(share: number, width: number, height: number, barHeight: number): Mark[] {
  const middle = width / 2
  const length = Math.abs(share) * middle
  return [
    {
      mark: 'bar',
      x: share < 0 ? middle - length : middle,
      y: (height - barHeight) / 2,
      width: length,
      height: barHeight,
      fill: share < 0 ? 'principal' : 'interest',
    },
    upright(middle, 0, height, 'soft'),
  ]
}
