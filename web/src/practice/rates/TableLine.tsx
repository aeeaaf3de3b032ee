import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { RateTableView } from '../../api/client'
import { rateTablesQuery, rateTableStatesQuery, saveRateTable } from '../../api/rates'
import { formatDay } from '../../format/date'
import { pageLocale } from '../../format/pageLocale'
import { formatTerm } from '../../format/term'
import { HistoryButton } from '../HistoryButton'
import { ItemHistory } from '../ItemHistory'
import { LineActions } from '../LineActions'
import { daysOld, isStale, offersWords, tableLines } from './tables'

type TableLineProps = { view: RateTableView; today: string; edit: () => void; remove: () => void }

/** A rate table in a line: what it prices, its rates, how old they are, and its history. */
export function TableLine({ view, today, edit, remove }: TableLineProps) {
  const { name, termMonths, day, simulated } = view.table
  const [isHistory, setIsHistory] = useState(false)
  const age = daysOld(day, today)
  return (
    <>
      <div className="flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
        <div>
          <h2 className="text-base font-semibold">
            {name} {simulated && <span className="simulated">simulated</span>}
          </h2>
          <p className="text-soft">
            {formatTerm(termMonths)}, {offersWords(view.table)}, of {formatDay(day, pageLocale())}
            {age > 0 && ` (${age} ${age === 1 ? 'day' : 'days'} old)`}
            {isStale(day, today) && <span className="text-over font-semibold"> – stale</span>}
          </p>
        </div>
        <LineActions name={name} edit={edit} remove={remove}>
          <HistoryButton name={name} isOpen={isHistory} toggle={() => setIsHistory(!isHistory)} />
        </LineActions>
      </div>
      {isHistory && <TableHistory view={view} />}
    </>
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
