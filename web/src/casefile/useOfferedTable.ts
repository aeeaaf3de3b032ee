import { useQuery } from '@tanstack/react-query'
import type { CaseDocument, RateTableDocument } from '../api/client'
import { rateTablesQuery } from '../api/rates'

/** The rates on offer for a case: those it was priced on, else those for its usual term; undefined until they are known. */
export function useOfferedTable({ options, pricedOn }: CaseDocument): RateTableDocument | null | undefined {
  const tables = useQuery(rateTablesQuery)
  if (tables.isPending) return undefined
  const months = options[0]?.terms.amortizationMonths
  const offered = tables.data?.tables.find(
    ({ id, table }) => id === pricedOn?.tableId || table.termMonths === months,
  )
  return offered?.table ?? null
}
