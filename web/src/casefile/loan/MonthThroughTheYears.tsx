import { TextButton } from '../../ui/TextButton'
import { useState } from 'react'
import { formatAmount, formatDifference } from '../../format/amount'
import { formatMonth } from '../../format/date'
import { TakePicture } from '../../picture/TakePicture'
import { Explained } from '../../working/Explained'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { MonthPicture } from './MonthPicture'
import { monthSvg } from './monthSvg'
import { MonthTable } from './MonthTable'
import { reasonsOf } from './reasons'

const MOST_TOLD = 12

/** What a month costs through the years: a picture of its parts or a table, and each change in words. */
export function MonthThroughTheYears() {
  const { document, locale, words } = useOpenCase()
  const { figures } = useOption()
  const [asTable, setAsTable] = useState(false)
  return (
    <section aria-labelledby="years-heading">
      <div className="flex items-baseline gap-x-4">
        <h2 id="years-heading" className="heading grow">
          Monthly cost over time
        </h2>
        <TextButton onClick={() => setAsTable(!asTable)}>
          {asTable ? 'Show chart' : 'Show table'}
          <span className="sr-only"> of the monthly cost over time</span>
        </TextButton>
        <TakePicture
          title={document.title}
          name="monthly cost over time"
          draw={() => monthSvg(document.title, figures, words, locale)}
        />
      </div>
      {asTable ? (
        <MonthTable />
      ) : (
        <>
          <MonthPicture />
          <Changes />
        </>
      )}
    </section>
  )
}

function Changes() {
  const { locale, words } = useOpenCase()
  const { housingPeriods: periods } = useOption().figures
  return (
    <ul className="mt-1.5 flex flex-wrap gap-x-7 gap-y-0.5" aria-label="Changes of the monthly cost">
      {periods.slice(0, MOST_TOLD).map((period, index) => {
        const before = periods[index - 1]
        const subject = { of: 'line', line: period.fromPayment } as const
        return (
          <li key={period.fromPayment} data-testid="period">
            <span className="text-soft">{index === 0 ? 'At first' : formatMonth(period.from, locale)}</span>{' '}
            <span className="font-figures text-[1.0625rem]">
              <Explained figure="HOUSING_COST" subject={subject}>
                {formatAmount(period.cost.totalCents)}
              </Explained>
            </span>
            {before && (
              <span className="text-soft">
                {' '}
                <Explained figure="MONTH_CHANGE" subject={subject}>
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
  )
}
