import { formatAmount, formatDifference } from '../../format/amount'
import { formatTerm } from '../../format/term'
import { ChartTable } from '../../picture/ChartTable'
import { answeredOf, type Comparison } from './compared'
import { differenceAfter } from './costMarks'

const MONTHS_A_YEAR = 12

/** The chart's numbers: each full year, how long they keep it, and the months at which another option costs least. */
export function CostTable({ comparison, months }: { comparison: Comparison; months: number }) {
  const { base, view } = comparison
  const others = answeredOf(comparison).filter((option) => option !== base)
  const rows = rowsOf(comparison, months)
  return (
    <ChartTable
      label="Cost by how long it is kept"
      columns={['Kept', `${base.title}, in all`, ...others.map(({ title }) => title), 'Costs least']}
      rows={rows.map((month) => ({
        key: month,
        head: formatTerm(month),
        cells: (
          <>
            <td>{formatAmount(base.answer.kept.costsByMonthCents[month] ?? 0)}</td>
            {others.map((option) => (
              <td key={option.option.id}>{formatDifference(differenceAfter(comparison, option, month))}</td>
            ))}
            <td className="font-words!">{cheapestTitle(comparison, month)}</td>
          </>
        ),
      }))}
    />
  )

  function cheapestTitle({ options }: Comparison, month: number) {
    const run = view.cheapest.find(({ fromMonth, toMonth }) => fromMonth <= month && month <= toMonth)
    return options[run?.option ?? -1]?.title ?? ''
  }
}

function rowsOf({ view }: Comparison, months: number): number[] {
  const years = Array.from(
    { length: Math.floor(months / MONTHS_A_YEAR) },
    (_, year) => (year + 1) * MONTHS_A_YEAR,
  )
  const borders = view.cheapest.map(({ fromMonth }) => fromMonth)
  return [...new Set([...years, ...borders, view.keptMonths])]
    .filter((month) => month <= months)
    .sort((one, other) => one - other)
}
