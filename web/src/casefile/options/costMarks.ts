import { extent } from 'd3-array'
import { scaleLinear } from 'd3-scale'
import { line } from 'd3-shape'
import type { Mark } from '../../picture/marks'
import { answeredOf, type Answer, type Compared, type Comparison } from './compared'

export type Shown = Compared & { answer: Answer }

/** What an option costs more than the one compared with, if both are kept for so many months; negative is less. */
export function differenceAfter({ base }: Comparison, { answer }: Shown, month: number): number {
  const last = base.answer.kept.costsByMonthCents.length - 1
  const at = Math.min(month, last)
  return (answer.kept.costsByMonthCents[at] ?? 0) - (base.answer.kept.costsByMonthCents[at] ?? 0)
}

/** The options whose lines are drawn: those with figures that are not hidden. */
export const shownOf = (comparison: Comparison, hidden: ReadonlySet<string>): Shown[] =>
  answeredOf(comparison).filter(({ option }) => !hidden.has(option.id))

const TICKS = 4
/** So that a difference of some cents is not drawn as a mountain. */
const LEAST_SPAN_CENTS = 100_00

export type CostScales = {
  x: (month: number) => number
  y: (cents: number) => number
  /** The amounts at which a line is drawn across. */
  ticks: readonly number[]
}

/** Where months and amounts lie in a box, for the options that are shown. */
export function costScales(
  comparison: Comparison,
  shown: readonly Shown[],
  { width, height, months }: { width: number; height: number; months: number },
): CostScales {
  const all = shown.flatMap((option) =>
    Array.from({ length: months + 1 }, (_, month) => differenceAfter(comparison, option, month)),
  )
  const [least = 0, most = 0] = extent([0, ...all])
  const spare = Math.max(0, LEAST_SPAN_CENTS - (most - least)) / 2
  const y = scaleLinear([least - spare, most + spare], [height, 0]).nice(TICKS)
  return { x: scaleLinear([0, months], [0, width]), y, ticks: y.ticks(TICKS) }
}

const LINE_PX = 2

const tenths = (pixels: number) => Math.round(pixels * 10) / 10
const monthsTo = (last: number) => Array.from({ length: last + 1 }, (_, month) => month)

/** Each shown option's cost against the one compared with, by how long it is kept. */
export function costMarks(
  comparison: Comparison,
  shown: readonly Shown[],
  box: { width: number; height: number; months: number },
): Mark[] {
  const { x, y, ticks } = costScales(comparison, shown, box)
  const across = ticks.map((tick): Mark => ({
    mark: 'line',
    path: `M0,${y(tick)}H${box.width}`,
    stroke: tick === 0 ? 'soft' : 'rule',
    thickness: 1,
  }))
  const lines = shown
    .filter((option) => option !== comparison.base)
    .map((option): Mark => ({
      mark: 'line',
      path:
        line<number>()
          .x((month) => tenths(x(month)))
          .y((month) => tenths(y(differenceAfter(comparison, option, month))))(monthsTo(box.months)) ?? '',
      stroke: option.look.colour,
      ...(option.look.dash ? { dash: option.look.dash } : {}),
      thickness: LINE_PX,
    }))
  return [...across, ...lines]
}

const NEAR_MONTHS = 120
const MONTHS_A_YEAR = 12

/** How many months a chart reaches that shows the near years: ten, or somewhat beyond how long they keep it. */
export function nearMonths({ view }: Comparison): number {
  const beyond = Math.ceil((view.keptMonths * 1.25) / MONTHS_A_YEAR) * MONTHS_A_YEAR
  return Math.min(view.horizonMonths, Math.max(NEAR_MONTHS, beyond))
}

/** Positions from above to below, pushed apart so that each has its room. */
export function spread(wanted: readonly number[], room: number, top: number, bottom: number): number[] {
  const order = wanted.map((_, index) => index).sort((a, b) => (wanted[a] ?? 0) - (wanted[b] ?? 0))
  const placed = new Array<number>(wanted.length).fill(0)
  let free = top
  for (const index of order) {
    placed[index] = Math.max(free, wanted[index] ?? 0)
    free = (placed[index] ?? 0) + room
  }
  let below = bottom
  for (const index of [...order].reverse()) {
    placed[index] = Math.min(below, placed[index] ?? 0)
    below = (placed[index] ?? 0) - room
  }
  return placed
}
