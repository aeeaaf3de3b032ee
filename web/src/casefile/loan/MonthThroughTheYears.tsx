import { formatAmount, formatDifference } from '../../format/amount'
import { formatMonth } from '../../format/date'
import type { HousingCostView, OptionView } from '../../api/client'
import { useOpenCase } from '../CaseContext'
import { reasonsOf } from './reasons'

const WIDTH = 1000
const HEIGHT = 100
const MOST_TOLD = 12

const PARTS: readonly [keyof HousingCostView, string][] = [
  ['principalAndInterestCents', 'var(--color-principal)'],
  ['propertyTaxCents', 'var(--color-housing-1)'],
  ['homeInsuranceCents', 'var(--color-housing-2)'],
  ['mortgageInsuranceCents', 'var(--color-housing-3)'],
  ['duesCents', 'var(--color-housing-4)'],
  ['otherCents', 'var(--color-housing-5)'],
]

/** What a month costs through the years: a picture of its parts, and each change in words. */
export function MonthThroughTheYears() {
  const { figures, locale, words } = useOpenCase()
  const { housingPeriods: periods } = figures
  const told = periods.slice(0, MOST_TOLD)
  return (
    <section aria-labelledby="years-heading">
      <h2 id="years-heading" className="heading">
        The month through the years
      </h2>
      <Picture figures={figures} />
      <div className="text-soft mt-1 flex justify-between text-xs" aria-hidden>
        <span>{formatMonth(figures.firstPaymentDate, locale)}</span>
        <span>{formatMonth(figures.payoffDate, locale)}</span>
      </div>
      <ul className="mt-1.5 flex flex-wrap gap-x-7 gap-y-0.5" aria-label="What changes when">
        {told.map((period, index) => {
          const before = periods[index - 1]
          return (
            <li key={period.fromPayment} data-testid="period">
              <span className="text-soft">{index === 0 ? 'At first' : formatMonth(period.from, locale)}</span>{' '}
              <span className="font-figures text-[1.0625rem]">{formatAmount(period.cost.totalCents)}</span>
              {before && (
                <span className="text-soft">
                  {' '}
                  {formatDifference(period.cost.totalCents - before.cost.totalCents)},{' '}
                  {reasonsOf(before.cost, period.cost, words)}
                </span>
              )}
            </li>
          )
        })}
        {periods.length > MOST_TOLD && (
          <li className="text-soft">and {periods.length - MOST_TOLD} further changes</li>
        )}
      </ul>
    </section>
  )
}

function Picture({ figures }: { figures: OptionView }) {
  const { housingPeriods: periods, payments } = figures
  const most = Math.max(...periods.map((period) => period.cost.totalCents))
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      preserveAspectRatio="none"
      className="mt-2 block h-24 w-full"
      aria-hidden
    >
      {periods.flatMap((period, index) => {
        const until = periods[index + 1]?.fromPayment ?? payments + 1
        const x = ((period.fromPayment - 1) / payments) * WIDTH
        const width = ((until - period.fromPayment) / payments) * WIDTH
        let reached = HEIGHT
        return PARTS.map(([part, colour]) => {
          const height = (period.cost[part] / most) * HEIGHT
          reached -= height
          return (
            <rect
              key={`${period.fromPayment}-${part}`}
              x={x}
              y={reached}
              width={width}
              height={height}
              fill={colour}
            />
          )
        })
      })}
    </svg>
  )
}
