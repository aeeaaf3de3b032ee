import { formatTerm } from '../../format/term'
import { plotOf } from './chartBox'
import type { Comparison } from './compared'

type CheapestBandProps = {
  comparison: Comparison
  /** How many months it reaches. */
  months: number
  /** Whether it is as wide as the lines above it. */
  isAsWide: boolean
  width: number
}

const MONTHS_A_YEAR = 12
const LABELS_EVERY_PX = 90

/** Which option costs least for each length of stay: one band whose borders are exact months. */
export function CheapestBand({ comparison, months, isAsWide, width }: CheapestBandProps) {
  const plot = isAsWide && width > 0 ? plotOf(width) : { left: 0, width }
  const runs = comparison.view.cheapest.filter(({ fromMonth }) => fromMonth <= months)
  // A run from month f to month t stands for the stays from just after f − 1 months to t months.
  const share = (month: number) => `${(month / months) * 100}%`
  return (
    <div style={{ marginLeft: plot.left, width: plot.width }}>
      <ol aria-label="Costs least, by how long it is kept" className="cost-band" data-testid="cost-band">
        {runs.map(({ fromMonth, toMonth, option }) => {
          const { title, look } = comparison.options[option] ?? comparison.base
          return (
            <li
              key={fromMonth}
              data-from={fromMonth}
              data-to={toMonth}
              title={`${title} costs least ${stayWords(fromMonth, toMonth)}`}
              style={{
                left: share(fromMonth - 1),
                width: share(Math.min(toMonth, months) - fromMonth + 1),
                background: `color-mix(in srgb, var(--color-${look.colour}) 20%, var(--color-paper))`,
              }}
            >
              <span className="truncate">{title}</span>
              <span className="sr-only"> {stayWords(fromMonth, toMonth)}</span>
            </li>
          )
        })}
      </ol>
      <div className="text-soft relative mt-0.5 h-4 text-xs" aria-hidden>
        {yearsOf(months, plot.width).map((year, index, all) => {
          const isLast = index === all.length - 1
          const isAtEnd = isLast && year * MONTHS_A_YEAR > months * 0.94
          return (
            <span
              key={year}
              className={`absolute whitespace-nowrap ${isAtEnd ? '-translate-x-full' : '-translate-x-1/2'}`}
              style={{ left: share(year * MONTHS_A_YEAR) }}
            >
              {year}
              {isLast && ' years'}
            </span>
          )
        })}
      </div>
    </div>
  )
}

/** From month 29 to month 196 (16 years 4 months). */
function stayWords(fromMonth: number, toMonth: number): string {
  return fromMonth === toMonth
    ? `if kept ${formatTerm(fromMonth)}`
    : `if kept ${formatTerm(fromMonth)} to ${formatTerm(toMonth)}`
}

/** The years that are written under the band: as many as have room. */
function yearsOf(months: number, width: number): number[] {
  const years = Math.floor(months / MONTHS_A_YEAR)
  const most = Math.max(1, Math.floor(width / LABELS_EVERY_PX))
  const step = [1, 2, 5, 10].find((each) => years / each <= most) ?? 25
  return Array.from({ length: Math.floor(years / step) }, (_, index) => (index + 1) * step)
}
