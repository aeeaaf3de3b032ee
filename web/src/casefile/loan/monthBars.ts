import type { OptionView } from '../../api/client'
import { PARTS } from './parts'

/** A part of a month's cost over a run of payments, as a rectangle of the picture; its colour is a token's name. */
export type Bar = { x: number; y: number; width: number; height: number; colour: string }

/** What a month costs through the years in a box of this size: time to the right, the parts upon one another. */
export function monthBars(
  { housingPeriods: periods, payments }: OptionView,
  width: number,
  height: number,
): Bar[] {
  const most = Math.max(...periods.map((period) => period.cost.totalCents))
  return periods.flatMap((period, index) => {
    const until = periods[index + 1]?.fromPayment ?? payments + 1
    const x = ((period.fromPayment - 1) / payments) * width
    let reached = height
    return PARTS.map((part) => {
      const high = (period.cost[part.cents] / most) * height
      reached -= high
      return {
        x,
        y: reached,
        width: ((until - period.fromPayment) / payments) * width,
        height: high,
        colour: part.colour,
      }
    }).filter((bar) => bar.height > 0)
  })
}
