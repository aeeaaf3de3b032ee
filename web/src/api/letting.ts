import { queryOptions } from '@tanstack/react-query'
import { FOR_GOOD, untilAnswered } from './answers'
import {
  api,
  dataOf,
  type CaseDocument,
  type EstimateView,
  type HomeDocument,
  type LettingBasis,
  type ProgrammeDocument,
  type ProgrammeView,
  type RateTableDocument,
} from './client'
import type { Market } from '../format/market'

/** The practice's letting programmes, by their names. */
export const programmesQuery = queryOptions({
  queryKey: ['programmes'],
  queryFn: async ({ signal }) => dataOf(await api.GET('/api/programmes', { signal })),
})

/** Saves a programme, or begins one. @throws Refusal with 409 if another state was saved since. */
export const saveProgramme = async (
  seen: Pick<ProgrammeView, 'id' | 'revision'> | null,
  programme: ProgrammeDocument,
): Promise<ProgrammeView> =>
  dataOf(
    seen === null
      ? await api.POST('/api/programmes', { body: programme })
      : await api.PUT('/api/programmes/{id}', {
          params: { path: { id: seen.id }, header: { 'If-Match': `"${seen.revision}"` } },
          body: programme,
        }),
  )

/** Every saved state of a programme, the latest first. */
export const programmeStatesQuery = ({ id, revision }: Pick<ProgrammeView, 'id' | 'revision'>) =>
  queryOptions({
    queryKey: ['programme-states', id, revision],
    queryFn: async ({ signal }) =>
      dataOf(await api.GET('/api/programmes/{id}/states', { params: { path: { id } }, signal })),
  })

/** What a let home is held against: the programmes, the place of the one that is looked at, the rates on offer. */
export type LettingTerms = {
  programmes: readonly ProgrammeView[]
  chosen: number
  table: RateTableDocument | null
}

/** Whether the rent carries the loan of an option, and what a programme lends. */
export const lettingQuery = (
  document: CaseDocument,
  option: number,
  { programmes, chosen, table }: LettingTerms,
) =>
  queryOptions({
    ...FOR_GOOD,
    queryKey: [
      'letting',
      option,
      document,
      programmes.map(({ id, revision }) => [id, revision]),
      chosen,
      table,
    ],
    queryFn: async ({ signal }) => ({
      document,
      programmes,
      programme: programmes[chosen] ?? null,
      view: dataOf(
        await api.POST('/api/letting/{option}', {
          params: { path: { option } },
          body: { document, programmes: programmes.map(({ programme }) => programme), chosen, table },
          signal,
        }),
      ),
    }),
    retry: untilAnswered,
  })

/** The home that an estimate is asked for; its value in cents where that is known. */
export type AskedHome = { market: Market; home: HomeDocument; valueCents: number | null }

/** A year's property tax. @throws Refusal in words if nobody answers. */
export const askPropertyTax = async (body: AskedHome, signal: AbortSignal): Promise<EstimateView[]> => [
  dataOf(await api.POST('/api/estimates/property-tax', { body, signal })),
]

/** A year's home insurance by deductible. @throws Refusal in words if nobody answers. */
export const askHomeInsurance = async (body: AskedHome, signal: AbortSignal): Promise<EstimateView[]> =>
  dataOf(await api.POST('/api/estimates/home-insurance', { body, signal }))

/** What the home is worth. @throws Refusal in words if nobody answers. */
export const askHomeValue = async (body: AskedHome, signal: AbortSignal): Promise<EstimateView[]> => [
  dataOf(await api.POST('/api/estimates/home-value', { body, signal })),
]

/** A month's rent on a letting basis. @throws Refusal in words if nobody answers. */
export const askRent =
  (basis: LettingBasis) =>
  async ({ market, home }: AskedHome, signal: AbortSignal): Promise<EstimateView[]> => [
    dataOf(await api.POST('/api/estimates/rent', { body: { market, home, basis }, signal })),
  ]
