import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { rateTablesQuery, type Pricing } from '../../api/rates'
import type { RateTableView } from '../../api/client'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { pricedOnOf } from './priced'

/** The rate table that options are priced on: the one that the case names, or the first for the option's term. */
export function usePricing() {
  const { document } = useOpenCase()
  const { option } = useOption()
  const { data, error, isPending } = useQuery(rateTablesQuery)
  const [chosenId, choose] = useState<string | null>(document.pricedOn?.tableId ?? null)
  const tables: readonly RateTableView[] = data?.tables ?? []
  const view =
    tables.find(({ id }) => id === chosenId) ??
    tables.find(({ table }) => table.termMonths === option.terms.amortizationMonths) ??
    tables[0] ??
    null
  const pricing: Pricing = { table: view?.table ?? null }
  const pricedOn = view && pricedOnOf(view, document.household.score)
  return { tables, view, today: data?.today ?? '', pricing, pricedOn, choose, error, isPending }
}
