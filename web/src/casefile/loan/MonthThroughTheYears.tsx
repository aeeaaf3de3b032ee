import { formatAmount, formatDifference } from '../../format/amount'
import { formatMonth } from '../../format/date'
import type { OptionView } from '../../api/client'
import { TakePicture } from '../../picture/TakePicture'
import { Explained } from '../../working/Explained'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { monthBars } from './monthBars'
import { monthSvg } from './monthSvg'
import { reasonsOf } from './reasons'

const WIDTH = 1000
const HEIGHT = 100
const MOST_TOLD = 12

/** What a month costs through the years: a picture of its parts, and each change in words. */
export function MonthThroughTheYears() {
  const { document, locale, words } = useOpenCase()
  const { figures } = useOption()
  const { housingPeriods: periods } = figures
  const told = periods.slice(0, MOST_TOLD)
  return (
    <section aria-labelledby="years-heading">
      <div className="flex items-baseline justify-between gap-x-4">
        <h2 id="years-heading" className="heading">
          Monthly cost over time
        </h2>
        <TakePicture
          name="monthly cost over time"
          draw={() => monthSvg(document.title, figures, words, locale)}
        />
      </div>
      <Picture figures={figures} />
      <div className="text-soft mt-1 flex justify-between text-xs" aria-hidden>
        <span>{formatMonth(figures.firstPaymentDate, locale)}</span>
        <span>{formatMonth(figures.payoffDate, locale)}</span>
      </div>
      <ul className="mt-1.5 flex flex-wrap gap-x-7 gap-y-0.5" aria-label="Changes of the monthly cost">
        {told.map((period, index) => {
          const before = periods[index - 1]
          return (
            <li key={period.fromPayment} data-testid="period">
              <span className="text-soft">{index === 0 ? 'At first' : formatMonth(period.from, locale)}</span>{' '}
              <span className="font-figures text-[1.0625rem]">
                <Explained figure="HOUSING_COST" subject={{ of: 'line', line: period.fromPayment }}>
                  {formatAmount(period.cost.totalCents)}
                </Explained>
              </span>
              {before && (
                <span className="text-soft">
                  {' '}
                  <Explained figure="MONTH_CHANGE" subject={{ of: 'line', line: period.fromPayment }}>
                    {formatDifference(period.cost.totalCents - before.cost.totalCents)}
                  </Explained>
                  , {reasonsOf(before.cost, period.cost, words)}
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
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      preserveAspectRatio="none"
      className="mt-2 block h-24 w-full"
      aria-hidden
    >
      {monthBars(figures, WIDTH, HEIGHT).map(({ colour, ...bar }) => (
        <rect key={`${bar.x}-${colour}`} {...bar} fill={`var(--color-${colour})`} />
      ))}
    </svg>
  )
}
