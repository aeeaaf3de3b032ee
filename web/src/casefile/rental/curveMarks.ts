import { extent } from 'd3-array'
import { scaleLinear } from 'd3-scale'
import { line } from 'd3-shape'
import { upright, type Mark } from '../../picture/marks'

/** A point of a curve: where it lies along, and its value there. */
export type CurvePoint = { at: number; value: number }

/** A curve with the level that its values are held against. */
export type Curve = {
  points: readonly CurvePoint[]
  level: number
  levelWords: string
  /** Where they stand today; null for a curve without. */
  today: number | null
  writeAt: (at: number) => string
  writeValue: (value: number) => string
}

/** Room for the values at the left, in pixels. */
export const VALUES_PX = 64
const BELOW_PX = 20
const ABOVE_PX = 12
const TICKS = 3
const DASH = '4 3'

/** Where a curve's points lie in a picture of a size. */
export function curveScales({ points, level }: Curve, width: number, height: number) {
  const [first = 0, last = 1] = extent(points, ({ at }) => at)
  const [least = 0, most = 1] = extent([level, ...points.map(({ value }) => value)])
  return {
    x: scaleLinear([first, last], [VALUES_PX, width]),
    y: scaleLinear([least, most], [height - BELOW_PX, ABOVE_PX]).nice(TICKS),
  }
}

/** A curve as marks: its values at the left, its ends below, the level dashed, today's point an upright line. */
export function curveMarks(curve: Curve, width: number, height: number): Mark[] {
  const { points, level, levelWords, today, writeAt, writeValue } = curve
  const { x, y } = curveScales(curve, width, height)
  const path = line<CurvePoint>(
    (point) => tenths(x(point.at)),
    (point) => tenths(y(point.value)),
  )(points)
  const foot = height - BELOW_PX
  const [first] = points
  const last = points.at(-1)
  return [
    ...y.ticks(TICKS).flatMap((tick): Mark[] => [
      { mark: 'line', path: `M${VALUES_PX},${tenths(y(tick))}H${width}`, stroke: 'rule' },
      {
        mark: 'words',
        x: VALUES_PX - 8,
        y: y(tick) + 4,
        words: writeValue(tick),
        anchor: 'end',
        colour: 'soft',
      },
    ]),
    {
      mark: 'line',
      path: `M${VALUES_PX},${tenths(y(level))}H${width}`,
      stroke: 'interest',
      dash: DASH,
      thickness: 1.5,
    },
    ...(today === null ? [] : [upright(tenths(x(today)), ABOVE_PX, foot, 'soft')]),
    { mark: 'line', path: path ?? '', stroke: 'principal', thickness: 2 },
    {
      mark: 'words',
      // At the end at which the curve is further away.
      ...(isFurther(first, last, level) ? { x: VALUES_PX + 4 } : { x: width, anchor: 'end' }),
      y: y(level) - 5,
      words: levelWords,
      colour: 'interest-words',
    },
    ...(first
      ? [{ mark: 'words', x: VALUES_PX, y: height - 4, words: writeAt(first.at), colour: 'soft' } as const]
      : []),
    ...(last
      ? [
          {
            mark: 'words',
            x: width,
            y: height - 4,
            words: writeAt(last.at),
            anchor: 'end',
            colour: 'soft',
          } as const,
        ]
      : []),
  ]
}

const isFurther = (first: CurvePoint | undefined, last: CurvePoint | undefined, level: number) =>
  first !== undefined && last !== undefined && Math.abs(first.value - level) > Math.abs(last.value - level)

const tenths = (pixels: number) => Math.round(pixels * 10) / 10
