import { useQuery } from '@tanstack/react-query'
import { rateTablesQuery } from '../../api/rates'
import { formatDay } from '../../format/date'
import { isStale } from '../../practice/rates/tables'
import { useOpenCase } from '../CaseContext'

/** Which rates the case was priced on, and whether they still stand. */
export function PricedOn() {
  const { document, locale } = useOpenCase()
  const { pricedOn } = document
  const { data } = useQuery({ ...rateTablesQuery, enabled: pricedOn !== null })
  if (pricedOn === null) return null
  const latest = data?.tables.find(({ id }) => id === pricedOn.tableId)
  const isNewer = latest !== undefined && latest.table.day > pricedOn.day
  const isOld = data !== undefined && isStale(pricedOn.day, data.today)
  return (
    <span>
      priced on {pricedOn.name}
      {pricedOn.simulated && ' (simulated)'}, rates of {formatDay(pricedOn.day, locale)}
      {(isNewer || isOld) && (
        <span className="text-over font-semibold">
          {isNewer ? `; newer rates of ${formatDay(latest.table.day, locale)}` : ', stale'}
        </span>
      )}
    </span>
  )
}
