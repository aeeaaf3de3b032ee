import { extent } from 'd3-array'
import { scaleLinear } from 'd3-scale'
import { line } from 'd3-shape'
import { formatEntry } from '../../format/amount'
import type { Mark } from '../../picture/marks'

/** A point of a curve: a rate or an amount paid down, the largest price with it, and what keeps that from being more. */
export type CurvePoint = { at: number; priceCents: number; decides: string | null }

/** The largest price against one thing, and where they stand today. */
export type PriceCurve = {
  points: readonly CurvePoint[]
  today: Omit<CurvePoint, 'decides'>
  write: (at: number) => string
}

const TICKS = 3
const AMOUNTS_PX = 64
const ABOVE_PX = 22
const BELOW_PX = 24
const RIGHT_PX = 12
const DOT_PX = 5

/** A curve as marks: prices at the left, its ends below, today's point with its words. */
export function priceMarks({ points, today, write }: PriceCurve, width: number, height: number): Mark[] {
  const [first] = points
  const last = points.at(-1)
  if (!first || !last) return []
  const [from = 0, to = 1] = extent(points, ({ at }) => at)
  const [least = 0, most = 1] = extent(points, ({ priceCents }) => priceCents)
  const foot = height - BELOW_PX
  const end = width - RIGHT_PX
  const x = scaleLinear([from, to], [AMOUNTS_PX, end])
  const y = scaleLinear([least, most], [foot, ABOVE_PX]).nice(TICKS)
  const path = line<CurvePoint>(
    (point) => tenths(x(point.at)),
    (point) => tenths(y(point.priceCents)),
  )(points)
  const [at, price] = [tenths(x(today.at)), tenths(y(today.priceCents))]
  return [
    ...y.ticks(TICKS).flatMap((tick): Mark[] => [
      { mark: 'line', path: `M${AMOUNTS_PX},${tenths(y(tick))}H${end}`, stroke: 'rule' },
      {
        mark: 'words',
        x: AMOUNTS_PX - 8,
        y: y(tick) + 4,
        words: formatEntry(tick),
        anchor: 'end',
        colour: 'soft',
      },
    ]),
    { mark: 'line', path: path ?? '', stroke: 'principal', thickness: 2 },
    ...partsOf(points)
      .slice(1)
      .map(({ from: change }): Mark => ({
        mark: 'line',
        path: `M${tenths(x(change))},${ABOVE_PX}V${foot}`,
        stroke: 'rule',
        dash: '4 3',
      })),
    { mark: 'line', path: `M${at},${price}V${foot}`, stroke: 'soft', dash: '2 3' },
    { mark: 'area', path: dot(at, price), fill: 'act' },
    {
      mark: 'words',
      x: at,
      y: price - 12,
      words: todayWords({ today, write }),
      // On the side of the point on which the words keep clear of the line.
      anchor: first.priceCents < last.priceCents ? 'end' : 'start',
      weight: 600,
    },
    { mark: 'words', x: AMOUNTS_PX, y: height - 6, words: write(first.at), colour: 'soft' },
    { mark: 'words', x: end, y: height - 6, words: write(last.at), anchor: 'end', colour: 'soft' },
  ]
}

const todayWords = ({ today, write }: Pick<PriceCurve, 'today' | 'write'>) =>
  `${write(today.at)}: ${formatEntry(today.priceCents)}`

/** The same in words: both ends and today. */
export function priceWords({ points, today, write }: PriceCurve): string {
  return [points[0], today, points.at(-1)]
    .filter((point) => point !== undefined)
    .map((point) => `${write(point.at)} ${formatEntry(point.priceCents)}`)
    .join(', ')
}

/** The parts of a curve in which the same test decides, by their first and last points. */
function partsOf(points: readonly CurvePoint[]) {
  const parts: { decides: string; from: number; to: number }[] = []
  for (const { at, decides } of points) {
    const last = parts.at(-1)
    if (decides === null) continue
    if (last?.decides === decides) last.to = at
    else parts.push({ decides, from: at, to: at })
  }
  return parts
}

/** Which test decides where: loan to value decides up to 60,000, then total debt ratio. */
export function decidesWords({ points, write }: PriceCurve): string {
  const parts = partsOf(points)
  if (parts.length < 2) return parts.map(({ decides }) => `Decided by ${decides} throughout.`).join('')
  const said = parts.map(({ decides, to }, place) =>
    place === parts.length - 1 ? decides : `${decides} up to ${write(to)}`,
  )
  return `Decided by ${said.join(', then by ')}.`
}

const dot = (x: number, y: number) =>
  `M${x - DOT_PX},${y}a${DOT_PX},${DOT_PX} 0 1 0 ${2 * DOT_PX},0a${DOT_PX},${DOT_PX} 0 1 0 ${-2 * DOT_PX},0Z`

const tenths = (pixels: number) => Math.round(pixels * 10) / 10
