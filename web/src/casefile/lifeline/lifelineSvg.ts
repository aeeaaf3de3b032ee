import { formatAmount } from '../../format/amount'
import { formatMonth } from '../../format/date'
import type { MarketWords } from '../../format/market'
import { upright, type Words } from '../../picture/marks'
import { moved, sheet, type Part } from '../../picture/svg'
import { flagsOf, milestoneWords } from './flags'
import type { Life } from './life'
import { lifeMarks, type LifeMeasure } from './lifeMarks'

const WIDTH = 900
const HEIGHT = 200
const LINE = 16
const UNDER_LEGEND = 20

type LifelinePicture = {
  title: string
  life: Life
  measure: LifeMeasure
  agreed: number
  words: MarketWords
  locale: string
}

/** A loan's life as a picture that stands alone: what the lifeline shows, and what happens when. */
export function lifelineSvg({
  title,
  life,
  measure,
  agreed,
  words,
  locale,
}: LifelinePicture): Promise<string> {
  const { schedule, payments } = life
  const flags = flagsOf(schedule.milestones, agreed, WIDTH, ({ kind }) => milestoneWords(kind, words))
  const rows = Math.max(1, ...flags.map((flag) => (flag.row ?? 0) + 1))
  const foot = UNDER_LEGEND + HEIGHT + rows * LINE + 22
  const untold = flags.filter((flag) => flag.row === null)
  const first = formatMonth(schedule.dates[0] ?? '', locale)
  const last = formatMonth(schedule.dates[payments - 1] ?? '', locale)
  const soft = { mark: 'words', colour: 'soft' } as const
  return sheet({
    title,
    about: `${payments} payments from ${first} to ${last}${ABOUT[measure]}`,
    width: WIDTH,
    height: foot + untold.length * LINE,
    parts: [
      {
        mark: 'legend',
        y: 8,
        entries: [
          [`Interest ${formatAmount(life.interest[payments] ?? 0)}`, 'interest'],
          [`Principal ${formatAmount(life.principal[payments] ?? 0)}`, 'principal'],
        ],
      },
      moved(0, UNDER_LEGEND, [
        ...lifeMarks(life, measure, { width: WIDTH, height: HEIGHT, agreed }),
        ...flags.flatMap((flag): Part[] => {
          const base = HEIGHT + (flag.row ?? 0) * LINE + 13
          const pole = upright(flag.x, HEIGHT, base)
          const side: Pick<Words, 'x' | 'anchor'> = flag.toLeft
            ? { x: flag.x - 6, anchor: 'end' }
            : { x: flag.x + 6, anchor: 'start' }
          return flag.row === null ? [pole] : [pole, { mark: 'words', ...side, y: base, words: flag.words }]
        }),
      ]),
      ...(agreed > payments
        ? [
            {
              ...soft,
              x: WIDTH,
              y: 8,
              words: `${agreed - payments} of ${agreed} fewer payments`,
              anchor: 'end',
            } as const,
          ]
        : []),
      { ...soft, x: 0, y: foot - 4, words: first },
      { ...soft, x: (payments / agreed) * WIDTH, y: foot - 4, words: last, anchor: 'end' },
      ...untold.map((flag, index): Words => ({
        mark: 'words',
        x: 0,
        y: foot + LINE * (index + 1) - 2,
        words: `payment ${flag.payment}: ${flag.words}`,
      })),
    ],
  })
}

const ABOUT: Record<LifeMeasure, string> = {
  payment: '',
  soFar: ': paid so far',
  balance: ': balance',
}
