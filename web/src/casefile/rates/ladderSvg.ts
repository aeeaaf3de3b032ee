import type { RungView } from '../../api/client'
import { formatAmount, formatDifference } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { colour, rect, sheet, text, upright } from '../../picture/svg'
import type { LadderBuild } from '../../api/answers'
import { isPriced } from './ladder'
import { measureWords, type Measure } from './measures'

const WIDTH = 520
const ROW = 26
const BARS_FROM = 90
const BARS_TO = 370

type LadderPicture = {
  title: string
  rungs: readonly RungView[]
  measure: Measure
  /** The rate that stands out, in percent. */
  own: number
  from: LadderBuild['from']
  /** The day of the renewal, written out; null for the loan as it begins. */
  renewal: string | null
}

/** The rungs by one measure as a picture that stands alone. */
export function ladderSvg({ title, rungs, measure, own, from, renewal }: LadderPicture): string {
  const priced = rungs.filter(isPriced)
  const most = Math.max(1, ...priced.map((rung) => Math.abs(rung[measure])))
  const middle = (BARS_FROM + BARS_TO) / 2
  const reach = (BARS_TO - BARS_FROM) / 2
  const told = measureWords(measure, from)
  return sheet({
    title,
    about:
      renewal === null
        ? `At other rates: difference ${told} to ${formatPercent(own)}`
        : `At renewal on ${renewal}: difference ${told} to ${measure === 'wholeLoanCents' ? 'the rate that ends' : 'the payment before'}`,
    width: WIDTH,
    height: priced.length * ROW,
    parts: [
      ...priced.flatMap((rung, index) => {
        const isOwn = rung.ratePercent === own
        const isBase = isOwn && renewal === null
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
            isBase ? `${formatAmount(rung.paymentCents)} each` : formatDifference(rung[measure]),
            {
              ...style,
              anchor: 'end',
              size: 14,
              figures: true,
            },
          ),
        ]
      }),
      upright(middle, 0, priced.length * ROW),
    ],
  })
}
