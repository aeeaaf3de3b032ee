import type { HousingCostView, OptionView } from '../../api/client'
import type { Mark } from '../../picture/marks'
import { PARTS } from './parts'

/** What a month costs through the years in a box of this size: time to the right, the parts stacked. */
export function monthMarks(
  { housingPeriods: periods, payments }: OptionView,
  width: number,
  height: number,
): Mark[] {
  const most = Math.max(...periods.map((period) => period.cost.totalCents))
  return periods.flatMap((period, index) => {
    const until = periods[index + 1]?.fromPayment ?? payments + 1
    const box = {
      x: ((period.fromPayment - 1) / payments) * width,
      width: ((until - period.fromPayment) / payments) * width,
    }
    let reached = height
    return partsOf(period.cost).map(({ colour, cents }): Mark => {
      const high = (cents / most) * height
      reached -= high
      return { mark: 'bar', ...box, y: reached, height: high, fill: colour }
    })
  })
}

/** The parts of a month's cost, one after the other. */
export function partsMarks(cost: HousingCostView, width: number, height: number): Mark[] {
  let reached = 0
  return partsOf(cost).map(({ colour, cents }): Mark => {
    const wide = (cents / cost.totalCents) * width
    reached += wide
    return { mark: 'bar', x: reached - wide, y: 0, width: wide, height, fill: colour }
  })
}

const partsOf = (cost: HousingCostView) =>
  PARTS.map((part) => ({ colour: part.colour, cents: cost[part.cents] })).filter(({ cents }) => cents > 0)
