import type { RungView } from '../../api/client'
import { formatAmount, formatDifference } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { colour, rect, sheet, text, upright } from '../../picture/svg'
import { MEASURES, type Measure } from './measures'

const WIDTH = 520
const ROW = 26
const BARS_FROM = 90
const BARS_TO = 370

/** The rungs by one measure as a picture that stands alone. */
export function ladderSvg(
  title: string,
  rungs: readonly RungView[],
  measure: Measure,
  ownPercent: number,
): string {
  const most = Math.max(1, ...rungs.map((rung) => Math.abs(rung[measure])))
  const middle = (BARS_FROM + BARS_TO) / 2
  const reach = (BARS_TO - BARS_FROM) / 2
  return sheet({
    title,
    about: `At other rates, more or less ${MEASURES[measure].words} than at ${formatPercent(ownPercent)}`,
    width: WIDTH,
    height: rungs.length * ROW,
    parts: [
      ...rungs.flatMap((rung, index) => {
        const isOwn = rung.ratePercent === ownPercent
        const base = index * ROW + 17
        const length = (Math.abs(rung[measure]) / most) * reach
        const isLess = rung[measure] < 0
        const style = { fill: colour(isOwn ? 'act' : 'ink'), weight: isOwn ? 650 : 400 }
        return [
          text(0, base, formatPercent(rung.ratePercent), style),
          rect(
            isLess ? middle - length : middle,
            base - 10,
            length,
            12,
            colour(isLess ? 'principal' : 'interest'),
          ),
          text(
            WIDTH,
            base,
            isOwn ? `${formatAmount(rung.paymentCents)} each` : formatDifference(rung[measure]),
            {
              ...style,
              anchor: 'end',
              size: 14,
              figures: true,
            },
          ),
        ]
      }),
      upright(middle, 0, rungs.length * ROW),
    ],
  })
}
