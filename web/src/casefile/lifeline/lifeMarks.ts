import { scaleLinear } from 'd3-scale'
import { area, line } from 'd3-shape'
import { diamond, upright, type Mark, type Words } from '../../picture/marks'
import type { Life } from './life'

/** What the lifeline shows: each payment as it is, what was paid so far, or what is still owed. */
export type LifeMeasure = 'payment' | 'soFar' | 'balance'

export type Box = {
  /** In pixels. */
  width: number
  height: number
  /** How many payments were agreed: the whole width. */
  agreed: number
}

/** More points than half the pixels that the picture has say nothing. */
const MOST_POINTS = 600
/** A payment so many times those beside it is a lump: drawn to scale, it would press all else flat. */
const LUMP_OF_NEIGHBOURS = 1.5
/** The lumps' marks stand above the areas. */
const ABOVE_PX = 16
const DIAMOND_PX = 5
const LABEL_PX = 8

/** A loan's life as marks. */
export function lifeMarks(life: Life, measure: LifeMeasure, box: Box): Mark[] {
  switch (measure) {
    case 'payment':
      return paymentMarks(life, box)
    case 'soFar':
      return soFarMarks(life, box)
    case 'balance':
      return balanceMarks(life, box)
  }
}

/** The payments that stand out of those before and after them by more than half, by their numbers. */
export function lumpsOf({ schedule, payments }: Life): number[] {
  return lines(1, payments).filter((each) => {
    const beside = besideOf(schedule, each, payments)
    return beside > 0 && totalOf(schedule, each) > beside * LUMP_OF_NEIGHBOURS
  })
}

/** The larger of the payments before and after one, in cents. */
const besideOf = (schedule: Life['schedule'], payment: number, last: number) =>
  Math.max(
    payment === 1 ? 0 : totalOf(schedule, payment - 1),
    payment === last ? 0 : totalOf(schedule, payment + 1),
  )

const totalOf = (
  { paymentCents, extraCents }: Pick<Life['schedule'], 'paymentCents' | 'extraCents'>,
  payment: number,
) => (paymentCents[payment] ?? 0) + (extraCents[payment] ?? 0)

function paymentMarks(life: Life, { width, height, agreed }: Box): Mark[] {
  const { schedule, payments } = life
  const lumps = lumpsOf(life)
  const isLump = new Set(lumps)
  const usual = lines(1, payments).filter((each) => !isLump.has(each))
  const highest = Math.max(1, ...usual.map((each) => totalOf(schedule, each)))
  const x = scaleLinear([0, agreed], [0, width])
  const y = scaleLinear([0, highest], [height, lumps.length > 0 ? ABOVE_PX : 0]).clamp(true)
  // A lump is drawn as high as what stands beside it: its mark says the rest.
  const whole = (each: number) =>
    Math.min(highest, isLump.has(each) ? besideOf(schedule, each, payments) : totalOf(schedule, each))
  const principal = (each: number) => Math.max(0, whole(each) - (schedule.interestCents[each] ?? 0))
  const points = stepped(1, payments)
  const across = (each: number) => x(each === 1 ? 0 : each === payments ? each : each - 0.5)
  const between = (from: (each: number) => number, to: (each: number) => number) =>
    area<number>()
      .x(across)
      .y0((each) => y(from(each)))
      .y1((each) => y(to(each)))(points) ?? ''
  return [
    { mark: 'area', path: between(principal, whole), fill: 'interest' },
    { mark: 'area', path: between(() => 0, principal), fill: 'principal' },
    ...lumps.flatMap((each) => [
      upright(x(each - 0.5), DIAMOND_PX, y(whole(each)), 'principal'),
      diamond(x(each - 0.5), DIAMOND_PX + 1, DIAMOND_PX, 'principal'),
    ]),
    ...partNames(x(payments), y(whole(1)), height),
  ]
}

function soFarMarks(life: Life, { width, height, agreed }: Box): Mark[] {
  const { payments, principal, paid } = life
  const x = scaleLinear([0, agreed], [0, width])
  const y = scaleLinear([0, Math.max(1, paid[payments] ?? 0)], [height, 0])
  const points = stepped(0, payments)
  const between = (from: (each: number) => number, to: (each: number) => number) =>
    area<number>()
      .x((each) => x(each))
      .y0((each) => y(from(each)))
      .y1((each) => y(to(each)))(points) ?? ''
  const ofPrincipal = (each: number) => principal[each] ?? 0
  return [
    { mark: 'area', path: between(ofPrincipal, (each) => paid[each] ?? 0), fill: 'interest' },
    { mark: 'area', path: between(() => 0, ofPrincipal), fill: 'principal' },
    name('principal', x(payments) - LABEL_PX, height - LABEL_PX, 'end'),
    name('interest', x(payments) - LABEL_PX, y(ofPrincipal(payments)) - LABEL_PX, 'end'),
  ]
}

function balanceMarks({ schedule, payments }: Life, { width, height, agreed }: Box): Mark[] {
  const { balanceCents, valueCents } = schedule
  const x = scaleLinear([0, agreed], [0, width])
  const y = scaleLinear([0, Math.max(1, ...balanceCents, ...(valueCents ?? []))], [height, 1])
  const points = stepped(0, payments)
  const along = (amounts: readonly number[]) =>
    line<number>()
      .x((each) => x(each))
      .y((each) => y(amounts[each] ?? 0))(points) ?? ''
  const owed =
    area<number>()
      .x((each) => x(each))
      .y0(height)
      .y1((each) => y(balanceCents[each] ?? 0))(points) ?? ''
  const middle = Math.round(payments / 2)
  return [
    { mark: 'area', path: owed, fill: 'balance' },
    { mark: 'line', path: along(balanceCents), stroke: 'ink' },
    name('balance', LABEL_PX, height - LABEL_PX, 'start'),
    ...(valueCents
      ? ([
          { mark: 'line', path: along(valueCents), stroke: 'soft', dash: '4 3' },
          name('home value', LABEL_PX, y(valueCents[0] ?? 0) + 14, 'start', 'soft'),
          name(
            'equity',
            x(middle),
            (y(valueCents[middle] ?? 0) + y(balanceCents[middle] ?? 0)) / 2 + 4,
            'middle',
          ),
        ] as const)
      : []),
  ]
}

/** The areas' names: interest is most at the beginning, principal at the end. */
const partNames = (end: number, top: number, height: number): Words[] => [
  name('interest', LABEL_PX, top + 16, 'start'),
  name('principal', end - LABEL_PX, height - LABEL_PX, 'end'),
]

const name = (
  words: string,
  x: number,
  y: number,
  anchor: 'start' | 'middle' | 'end',
  colour: 'ink' | 'soft' = 'ink',
): Words => ({ mark: 'words', x, y, words, anchor, colour, weight: 600 })

const lines = (first: number, last: number) =>
  Array.from({ length: last - first + 1 }, (_, index) => first + index)

/** As many of them as the picture can show, the last among them. */
function stepped(first: number, last: number): number[] {
  const step = Math.max(1, Math.ceil((last - first) / MOST_POINTS))
  return lines(first, last).filter((each) => (each - first) % step === 0 || each === last)
}
