import { queryOptions } from '@tanstack/react-query'
import { FOR_GOOD, untilAnswered, type AnsweredOption } from './answers'
import { api, dataOf, type RateTableDocument, type RateTableView } from './client'

/** The practice's rate tables, and which day it is there. */
export const rateTablesQuery = queryOptions({
  queryKey: ['rate-tables'],
  queryFn: async ({ signal }) => dataOf(await api.GET('/api/rate-tables', { signal })),
})

/** Saves a table, or begins one. @throws Refusal with 409 if another state was saved since. */
export const saveRateTable = async (
  seen: Pick<RateTableView, 'id' | 'revision'> | null,
  table: RateTableDocument,
): Promise<RateTableView> =>
  dataOf(
    seen === null
      ? await api.POST('/api/rate-tables', { body: table })
      : await api.PUT('/api/rate-tables/{id}', {
          params: { path: { id: seen.id }, header: { 'If-Match': `"${seen.revision}"` } },
          body: table,
        }),
  )

/** Every saved state of a table, the latest first. */
export const rateTableStatesQuery = ({ id, revision }: Pick<RateTableView, 'id' | 'revision'>) =>
  queryOptions({
    queryKey: ['rate-table-states', id, revision],
    queryFn: async ({ signal }) =>
      dataOf(await api.GET('/api/rate-tables/{id}/states', { params: { path: { id } }, signal })),
  })

/** Reads comma-separated values. @throws Refusal with everything that is wrong, by its line */
export const readRateCsv = async (text: string, columns: Record<string, string>) =>
  dataOf(await api.POST('/api/rate-tables/csv', { body: { text, columns } }))

/** Today's rates of the simulated rate desk. */
export const askRateDesk = async (termMonths: number) =>
  dataOf(await api.GET('/api/rate-desk', { params: { query: { termMonths } } }))

/** What an option is priced on. */
export type Pricing = { table: RateTableDocument | null }

/** The rates of a table as they are offered for an option. */
export const rateOffersQuery = ({ document, index: option }: AnsweredOption, pricing: Pricing) =>
  queryOptions({
    ...FOR_GOOD,
    queryKey: ['rate-offers', option, document, pricing],
    queryFn: async ({ signal }) =>
      dataOf(
        await api.POST('/api/rate-offers/{option}', {
          params: { path: { option } },
          body: { document, ...pricing },
          signal,
        }),
      ),
    enabled: pricing.table !== null,
    retry: untilAnswered,
  })

/** What a seller's credit can be used for. */
export const sellerCreditQuery = (
  { document, index: option }: AnsweredOption,
  creditCents: number,
  pricing: Pricing,
) =>
  queryOptions({
    ...FOR_GOOD,
    queryKey: ['seller-credit', option, document, creditCents, pricing],
    queryFn: async ({ signal }) =>
      dataOf(
        await api.POST('/api/seller-credits/{option}', {
          params: { path: { option }, query: { creditCents } },
          body: { document, ...pricing },
          signal,
        }),
      ),
    retry: untilAnswered,
  })
