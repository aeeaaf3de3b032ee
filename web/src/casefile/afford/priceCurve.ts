import { extent } from 'd3-array'
import { scaleLinear } from 'd3-scale'
import { line } from 'd3-shape'

/** A point of a curve: a rate or an amount paid down, and the largest price with it. */
export type CurvePoint = { at: number; priceCents: number }

export type Curve = {
  /** The line as a path. */
  path: string
  x: (at: number) => number
  y: (priceCents: number) => number
  /** The prices at which a line is drawn across. */
  ticks: readonly number[]
}

const TICKS = 3

/** Where the points of a curve lie in a box. */
export function priceCurve(points: readonly CurvePoint[], width: number, height: number): Curve {
  const [first = 0, last = 1] = extent(points.map(({ at }) => at))
  const [least = 0, most = 1] = extent(points.map(({ priceCents }) => priceCents))
  const x = scaleLinear([first, last], [0, width])
  const y = scaleLinear([least, most], [height, 0]).nice(TICKS)
  const path = line<CurvePoint>(
    (point) => tenths(x(point.at)),
    (point) => tenths(y(point.priceCents)),
  )(points)
  return { path: path ?? '', x, y, ticks: y.ticks(TICKS) }
}

const tenths = (pixels: number) => Math.round(pixels * 10) / 10
