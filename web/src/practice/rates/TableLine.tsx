import { useQuery } from '@tanstack/react-query'
import type { RateTableView } from '../../api/client'
import { rateTablesQuery, rateTableStatesQuery, saveRateTable } from '../../api/rates'
import { formatDay } from '../../format/date'
import { pageLocale } from '../../format/pageLocale'
import { formatTerm } from '../../format/term'
import { ItemHistory } from '../ItemHistory'
import { KeptLine } from '../KeptLine'
import { daysOld, isStale, offersWords, tableLines } from './tables'

type TableLineProps = { view: RateTableView; today: string; edit: () => void; remove: () => void }

/** A rate table in a line: what it prices, its rates, how old they are, and its history. */
export function TableLine({ view, today, edit, remove }: TableLineProps) {
  const { name, termMonths, day, simulated } = view.table
  const age = daysOld(day, today)
  return (
    <KeptLine
      name={name}
      heading={
        <h2 className="text-base font-semibold">
          {name} {simulated && <span className="simulated">simulated</span>}
        </h2>
      }
      edit={edit}
      remove={remove}
      history={<TableHistory view={view} />}
    >
      <p className="text-soft">
        {formatTerm(termMonths)}, {offersWords(view.table)}, of {formatDay(day, pageLocale())}
        {age > 0 && ` (${age} ${age === 1 ? 'day' : 'days'} old)`}
        {isStale(day, today) && <span className="text-over font-semibold"> – stale</span>}
      </p>
    </KeptLine>
  )
}

function TableHistory({ view }: { view: RateTableView }) {
  return (
    <ItemHistory
      name={view.table.name}
      states={useQuery(rateTableStatesQuery(view))}
      lines={({ table }) => tableLines(table)}
      bringBack={({ table }) => saveRateTable(view, table)}
      queryKey={rateTablesQuery.queryKey}
    />
  )
}
