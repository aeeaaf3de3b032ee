import { formatEntry } from '../../format/amount'
import { useWidth } from '../../ui/useWidth'
import { priceCurve, type CurvePoint } from './priceCurve'

const HEIGHT = 130
const AMOUNTS_PX = 64
const ABOVE_PX = 22
const BELOW_PX = 24
const LEAST_PX = 160

type PriceChartProps = {
  title: string
  points: readonly CurvePoint[]
  /** The point where they stand today. */
  today: CurvePoint
  write: (at: number) => string
}

/** The largest price against one thing, with today's point marked; the same in words for those who do not see it. */
export function PriceChart({ title, points, today, write }: PriceChartProps) {
  const [attach, total] = useWidth()
  const [first] = points
  const last = points.at(-1)
  if (!first || !last) return null
  const width = Math.max(LEAST_PX, total - AMOUNTS_PX - 12)
  const { path, x, y, ticks } = priceCurve(points, width, HEIGHT)
  const at = x(today.at)
  const said = `${write(today.at)}: ${formatEntry(today.priceCents)}`
  const inWords = [first, today, last]
    .map((point) => `${write(point.at)} ${formatEntry(point.priceCents)}`)
    .join(', ')
  return (
    <figure ref={attach}>
      <figcaption className="heading">{title}</figcaption>
      <svg
        role="img"
        aria-label={`${title}: ${inWords}`}
        width="100%"
        height={ABOVE_PX + HEIGHT + BELOW_PX}
        className="price-chart"
      >
        <g transform={`translate(${AMOUNTS_PX},${ABOVE_PX})`}>
          {ticks.map((tick) => (
            <g key={tick}>
              <path d={`M0,${y(tick)}H${width}`} className="price-chart-across" />
              <text x={-8} y={y(tick) + 4} textAnchor="end">
                {formatEntry(tick)}
              </text>
            </g>
          ))}
          <path d={path} className="price-chart-line" />
          <path d={`M${at},${y(today.priceCents)}V${HEIGHT}`} className="price-chart-drop" />
          <circle cx={at} cy={y(today.priceCents)} r={5} className="price-chart-today" />
          <text
            x={at}
            y={y(today.priceCents) - 12}
            textAnchor={sideOf(first, last)}
            className="price-chart-said"
          >
            {said}
          </text>
          <text x={0} y={HEIGHT + 18}>
            {write(first.at)}
          </text>
          <text x={width} y={HEIGHT + 18} textAnchor="end">
            {write(last.at)}
          </text>
        </g>
      </svg>
    </figure>
  )
}

/** The side of a point on which its words keep clear of the line. */
const sideOf = (first: CurvePoint, last: CurvePoint) => (first.priceCents < last.priceCents ? 'end' : 'start')
