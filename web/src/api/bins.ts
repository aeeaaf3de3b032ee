import { queryOptions } from '@tanstack/react-query'
import { api, dataOf, doneOf } from './client'

/** What a practice keeps that can be deleted and restored. */
export type KeptKind = 'limit-sets' | 'programmes' | 'rate-tables' | 'hand-out-templates'

/** What the practice deleted of a kind within thirty days, the latest first. */
export const binQuery = (kind: KeptKind) =>
  queryOptions({
    queryKey: ['bin', kind],
    queryFn: async ({ signal }) => dataOf(await api.GET(`/api/${kind}/bin`, { signal })),
  })

/** Deletes something: it can be restored for thirty days. */
export const deleteKept = async (kind: KeptKind, id: string) =>
  doneOf(await api.DELETE(`/api/${kind}/{id}`, { params: { path: { id } } }))

/** Restores something as itself, with its history. @throws Refusal if its name is taken meanwhile */
export const restoreKept = async (kind: KeptKind, id: string) =>
  doneOf(await api.POST(`/api/${kind}/{id}/restoration`, { params: { path: { id } } }))

/** How many cases use something. */
export const usesOf = async (id: string) =>
  dataOf(await api.GET('/api/case-uses/{id}', { params: { path: { id } } })).cases
