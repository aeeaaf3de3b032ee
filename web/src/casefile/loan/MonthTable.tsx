import { formatAmount } from '../../format/amount'
import { formatMonth } from '../../format/date'
import { ChartTable } from '../../picture/ChartTable'
import { Explained } from '../../working/Explained'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { PARTS } from './parts'

/** The monthly cost of each period with its parts. */
export function MonthTable() {
  const { locale, words } = useOpenCase()
  const { housingPeriods: periods } = useOption().figures
  const parts = PARTS.filter((part) => periods.some((period) => period.cost[part.cents] > 0))
  return (
    <ChartTable
      label="Monthly cost over time as a table"
      columns={['From', ...parts.map((part) => part.words(words)), 'Total']}
      rows={periods.map(({ from, fromPayment, cost }) => ({
        key: fromPayment,
        head: formatMonth(from, locale),
        cells: (
          <>
            {parts.map((part) => (
              <td key={part.name}>{formatAmount(cost[part.cents])}</td>
            ))}
            <td>
              <Explained figure="HOUSING_COST" subject={{ of: 'line', line: fromPayment }}>
                {formatAmount(cost.totalCents)}
              </Explained>
            </td>
          </>
        ),
      }))}
    />
  )
}
