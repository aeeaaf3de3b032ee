import { infiniteQueryOptions } from '@tanstack/react-query'
import { api, dataOf, doneOf, type CaseDocument } from './client'

/** The saved states of a case, the latest first, a part of them at a time. */
export const historyQuery = (id: string) =>
  infiniteQueryOptions({
    queryKey: ['history', id],
    queryFn: async ({ signal, pageParam: from }) =>
      dataOf(await api.GET('/api/cases/{id}/states', { params: { path: { id }, query: { from } }, signal })),
    initialPageParam: 0,
    getNextPageParam: ({ total }, parts) => {
      const listed = parts.reduce((sum, { states }) => sum + states.length, 0)
      return listed < total ? listed : null
    },
    // Each save makes another: what was listed on an earlier visit is not the latest.
    staleTime: 0,
  })

/** Calls a state by name; null takes its name away. */
export const nameState = async (id: string, state: string, name: string | null) =>
  dataOf(
    await api.PUT('/api/cases/{id}/states/{state}/name', { params: { path: { id, state } }, body: { name } }),
  )

/** Keeps what gives way to a colleague's state, so that it can be had back. */
export const keepWhatGaveWay = async (id: string, gone: CaseDocument) =>
  doneOf(await api.POST('/api/cases/{id}/states/given-way', { params: { path: { id } }, body: gone }))
