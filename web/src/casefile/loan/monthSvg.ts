import type { OptionView } from '../../api/client'
import { formatAmount, formatDifference } from '../../format/amount'
import { formatMonth } from '../../format/date'
import type { MarketWords } from '../../format/market'
import type { Words } from '../../picture/marks'
import { moved, sheet } from '../../picture/svg'
import { monthMarks } from './monthMarks'
import { PARTS } from './parts'
import { reasonsOf } from './reasons'

const WIDTH = 900
const HEIGHT = 180
const LINE = 18
const UNDER_LEGEND = 20
const MOST_TOLD = 12

/** The monthly cost over time as a picture that stands alone: its parts, and each change in words. */
export function monthSvg(
  title: string,
  figures: OptionView,
  words: MarketWords,
  locale: string,
): Promise<string> {
  const { housingPeriods: periods, housingCost } = figures
  const shown = PARTS.filter((part) => periods.some((period) => period.cost[part.cents] > 0))
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
  const end: Words = {
    mark: 'words',
    x: WIDTH,
    y: foot,
    words: formatMonth(figures.payoffDate, locale),
    colour: 'soft',
    anchor: 'end',
  }
  return sheet({
    title,
    about: `Monthly cost over time, ${formatAmount(housingCost.totalCents)} at first`,
    width: WIDTH,
    height: foot + LINE * (changes.length && changes.length + 0.5),
    parts: [
      {
        mark: 'legend',
        y: 8,
        entries: shown.map((part) => [
          `${part.words(words)} ${formatAmount(housingCost[part.cents])}`,
          part.colour,
        ]),
      },
      moved(0, UNDER_LEGEND, monthMarks(figures, WIDTH, HEIGHT)),
      { ...end, x: 0, words: formatMonth(figures.firstPaymentDate, locale), anchor: 'start' },
      end,
      ...changes.map((change, index): Words => ({
        mark: 'words',
        x: 0,
        y: foot + LINE * (index + 1.3),
        words: change,
      })),
    ],
  })
}
