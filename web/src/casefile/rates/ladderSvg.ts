import type { RungView } from '../../api/client'
import { formatAmount, formatDifference } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import type { Words } from '../../picture/marks'
import { moved, sheet, type Part } from '../../picture/svg'
import type { LadderBuild } from '../../api/answers'
import { isPriced } from './ladder'
import { rungMarks } from './rungMarks'
import { measureWords, type Measure } from './measures'

const WIDTH = 520
const ROW = 26
const BARS_FROM = 90
const BARS_TO = 370
const BAR = 12

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
export function ladderSvg({ title, rungs, measure, own, from, renewal }: LadderPicture): Promise<string> {
  const priced = rungs.filter(isPriced)
  const most = Math.max(1, ...priced.map((rung) => Math.abs(rung[measure])))
  const told = measureWords(measure, from)
  return sheet({
    title,
    about:
      renewal === null
        ? `At other rates: difference ${told} to ${formatPercent(own)}`
        : `At renewal on ${renewal}: difference ${told} to ${measure === 'wholeLoanCents' ? 'the rate that ends' : 'the payment before'}`,
    width: WIDTH,
    height: priced.length * ROW,
    parts: priced.flatMap((rung, index): Part[] => {
      const isOwn = rung.ratePercent === own
      const isBase = isOwn && renewal === null
      const y = index * ROW + 17
      const style = { mark: 'words', y, colour: isOwn ? 'act' : 'ink', weight: isOwn ? 650 : 400 } as const
      const current: Words = {
        ...style,
        x: (BARS_FROM + BARS_TO) / 2,
        words: `current rate, ${formatAmount(rung.paymentCents)} each`,
        anchor: 'middle',
        colour: 'soft',
        weight: 400,
      }
      return [
        { ...style, x: 0, words: formatPercent(rung.ratePercent) },
        isBase
          ? current
          : moved(BARS_FROM, index * ROW, rungMarks(rung[measure] / most, BARS_TO - BARS_FROM, ROW, BAR)),
        {
          ...style,
          x: WIDTH,
          words: isBase ? formatAmount(rung[measure]) : formatDifference(rung[measure]),
          anchor: 'end',
          size: 14,
          face: 'figures',
        },
      ]
    }),
  })
}
