import { useQuery } from '@tanstack/react-query'
import type { CaseDocument, OptionDocument, RateTableView } from '../api/client'
import { rateTablesQuery } from '../api/rates'

/** The rates on offer for an option of a case; undefined until they are known. */
export function useOfferedTable(
  { pricedOn }: CaseDocument,
  { terms }: OptionDocument,
): RateTableView | null | undefined {
  const tables = useQuery(rateTablesQuery)
  if (tables.isPending) return undefined
  return offeredOf(tables.data?.tables ?? [], pricedOn?.tableId, terms.amortizationMonths)
}

/** Of the tables for a term the one that the case was priced on, else the first; where none is for the term, the former. */
export function offeredOf(
  tables: readonly RateTableView[],
  pricedOn: string | undefined,
  months: number,
): RateTableView | null {
  const ofTerm = tables.filter(({ table }) => table.termMonths === months)
  const priced = tables.find(({ id }) => id === pricedOn)
  return (priced && ofTerm.includes(priced) ? priced : ofTerm[0]) ?? priced ?? null
}
