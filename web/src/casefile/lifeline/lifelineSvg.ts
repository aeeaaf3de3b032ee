import { formatAmount } from '../../format/amount'
import { formatMonth } from '../../format/date'
import type { MarketWords } from '../../format/market'
import { colour, legend, moved, path, sheet, text, upright } from '../../picture/svg'
import { areasOf } from './areas'
import { flagsOf, milestoneWords } from './flags'
import type { Life } from './life'

const WIDTH = 900
const HEIGHT = 200
const LINE = 16
const UNDER_LEGEND = 20

/** A loan's life as a picture that stands alone: interest and principal of each payment, and what happens when. */
export function lifelineSvg(
  title: string,
  life: Life,
  agreed: number,
  words: MarketWords,
  locale: string,
): string {
  const { schedule, payments } = life
  const areas = areasOf(schedule, agreed, WIDTH, HEIGHT)
  const flags = flagsOf(schedule.milestones, agreed, WIDTH, ({ kind }) => milestoneWords(kind, words))
  const rows = Math.max(1, ...flags.map((flag) => (flag.row ?? 0) + 1))
  const foot = UNDER_LEGEND + HEIGHT + rows * LINE + 22
  const unused = `${agreed - payments} of ${agreed} fewer payments`
  const untold = flags.filter((flag) => flag.row === null)
  return sheet({
    title,
    about:
      `${payments} payments from ${formatMonth(schedule.dates[0] ?? '', locale)} ` +
      `to ${formatMonth(schedule.dates[payments - 1] ?? '', locale)}`,
    width: WIDTH,
    height: foot + untold.length * LINE,
    parts: [
      legend(0, 8, [
        [`Interest ${formatAmount(life.interest[payments] ?? 0)}`, colour('interest')],
        [`Principal ${formatAmount(life.principal[payments] ?? 0)}`, colour('principal')],
      ]),
      moved(0, UNDER_LEGEND, [
        path(areas.interest, colour('interest')),
        path(areas.principal, colour('principal')),
        ...flags.flatMap((flag) => {
          const base = HEIGHT + (flag.row ?? 0) * LINE + 13
          const line = upright(flag.x, HEIGHT, base - HEIGHT)
          if (flag.row === null) return [line]
          return [
            line,
            text(flag.x + (flag.toLeft ? -6 : 6), base, flag.words, {
              anchor: flag.toLeft ? 'end' : 'start',
            }),
          ]
        }),
      ]),
      ...(agreed > payments ? [text(WIDTH, 8, unused, { fill: colour('soft'), anchor: 'end' })] : []),
      text(0, foot - 4, formatMonth(schedule.dates[0] ?? '', locale), { fill: colour('soft') }),
      text((payments / agreed) * WIDTH, foot - 4, formatMonth(schedule.dates[payments - 1] ?? '', locale), {
        fill: colour('soft'),
        anchor: 'end',
      }),
      ...untold.map((flag, index) =>
        text(0, foot + LINE * (index + 1) - 2, `payment ${flag.payment}: ${flag.words}`),
      ),
    ],
  })
}
