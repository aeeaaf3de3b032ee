import { queryOptions } from '@tanstack/react-query'
import type { Market } from '../format/market'
import { FOR_GOOD, untilAnswered } from './answers'
import {
  api,
  dataOf,
  type CaseDocument,
  type LimitSetDocument,
  type LimitSetView,
  type RateTableDocument,
} from './client'

/** The practice's limit sets, by their names. */
export const limitSetsQuery = queryOptions({
  queryKey: ['limit-sets'],
  queryFn: async ({ signal }) => dataOf(await api.GET('/api/limit-sets', { signal })),
})

/** Saves a limit set, or begins one. @throws Refusal with 409 if another state was saved since. */
export const saveLimitSet = async (
  seen: Pick<LimitSetView, 'id' | 'revision'> | null,
  set: LimitSetDocument,
): Promise<LimitSetView> =>
  dataOf(
    seen === null
      ? await api.POST('/api/limit-sets', { body: set })
      : await api.PUT('/api/limit-sets/{id}', {
          params: { path: { id: seen.id }, header: { 'If-Match': `"${seen.revision}"` } },
          body: set,
        }),
  )

/** Every saved state of a set, the latest first. */
export const limitSetStatesQuery = ({ id, revision }: Pick<LimitSetView, 'id' | 'revision'>) =>
  queryOptions({
    queryKey: ['limit-set-states', id, revision],
    queryFn: async ({ signal }) =>
      dataOf(await api.GET('/api/limit-sets/{id}/states', { params: { path: { id } }, signal })),
  })

/** What a case is held against. */
export type Limits = { sets: readonly LimitSetView[]; table: RateTableDocument | null }

/** Whether the options of a document keep to limits, and what would make one of them fit. */
export const affordabilityQuery = (document: CaseDocument, option: number, { sets, table }: Limits) =>
  queryOptions({
    ...FOR_GOOD,
    queryKey: ['affordability', option, document, sets.map(({ id, revision }) => [id, revision]), table],
    queryFn: async ({ signal }) => ({
      document,
      option,
      sets,
      view: dataOf(
        await api.POST('/api/affordability/{option}', {
          params: { path: { option } },
          body: { document, sets: sets.map(({ set }) => set), table },
          signal,
        }),
      ),
    }),
    retry: untilAnswered,
  })

/** Adds the public limit sets of a market to the practice's own. */
export const startLimits = async (market: Market) =>
  dataOf(await api.POST('/api/limit-sets/starting', { params: { query: { market } } }))

/** What the people of a document can borrow without a home in mind, on the terms of an option. */
export const borrowingQuery = (
  document: CaseDocument,
  option: number,
  sets: readonly LimitSetDocument[],
  chosen: number,
) =>
  queryOptions({
    ...FOR_GOOD,
    queryKey: ['borrowing', option, document, sets, chosen],
    queryFn: async ({ signal }) =>
      dataOf(
        await api.POST('/api/borrowing/{option}', {
          params: { path: { option } },
          body: { document, sets: [...sets], chosen },
          signal,
        }),
      ),
    retry: untilAnswered,
  })

/** What the simulated underwriting desk answers for an option under a limit set. */
export const underwritingQuery = (document: CaseDocument, option: number, set: LimitSetDocument) =>
  queryOptions({
    ...FOR_GOOD,
    queryKey: ['underwriting', option, document, set],
    queryFn: async ({ signal }) =>
      dataOf(
        await api.POST('/api/underwriting/{option}', {
          params: { path: { option } },
          body: { document, set },
          signal,
        }),
      ),
    retry: false,
  })
