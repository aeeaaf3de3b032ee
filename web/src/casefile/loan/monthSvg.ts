import type { OptionView } from '../../api/client'
import { formatAmount, formatDifference } from '../../format/amount'
import { formatMonth } from '../../format/date'
import type { MarketWords } from '../../format/market'
import { colour, legend, moved, rect, sheet, text } from '../../picture/svg'
import { monthBars } from './monthBars'
import { PARTS } from './parts'
import { reasonsOf } from './reasons'

const WIDTH = 900
const HEIGHT = 180
const LINE = 18
const UNDER_LEGEND = 20
const MOST_TOLD = 12

/** The monthly cost over time as a picture that stands alone: its parts, and each change in words. */
export function monthSvg(title: string, figures: OptionView, words: MarketWords, locale: string): string {
  const { housingPeriods: periods, housingCost } = figures
  const shown = PARTS.filter((part) => periods.some((period) => period.cost[part.cents] > 0))
  const bars = monthBars(figures, WIDTH, HEIGHT).map((bar) =>
    rect(bar.x, bar.y, bar.width, bar.height, colour(bar.colour)),
  )
  const changes = periods.slice(1, MOST_TOLD).flatMap((period, index) => {
    const before = periods[index]
    if (!before) return []
    const change = formatDifference(period.cost.totalCents - before.cost.totalCents)
    return [
      `${formatMonth(period.from, locale)}: ${formatAmount(period.cost.totalCents)} a month, ` +
        `${change}, ${reasonsOf(before.cost, period.cost, words)}`,
    ]
  })
  const foot = UNDER_LEGEND + HEIGHT + LINE
  return sheet({
    title,
    about: `Monthly cost over time, ${formatAmount(housingCost.totalCents)} at first`,
    width: WIDTH,
    height: foot + LINE * (changes.length && changes.length + 0.5),
    parts: [
      legend(
        0,
        8,
        shown.map((part) => [
          `${part.words(words)} ${formatAmount(housingCost[part.cents])}`,
          colour(part.colour),
        ]),
      ),
      moved(0, UNDER_LEGEND, bars),
      text(0, foot, formatMonth(figures.firstPaymentDate, locale), { fill: colour('soft') }),
      text(WIDTH, foot, formatMonth(figures.payoffDate, locale), { fill: colour('soft'), anchor: 'end' }),
      ...changes.map((change, index) => text(0, foot + LINE * (index + 1.3), change)),
    ],
  })
}
