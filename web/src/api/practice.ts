import { queryOptions } from '@tanstack/react-query'
import { api, dataOf, type SettingsDocument } from './client'

/** What the practice has chosen once for all its new cases. */
export const practiceQuery = queryOptions({
  queryKey: ['practice'],
  queryFn: async ({ signal }) => dataOf(await api.GET('/api/practice', { signal })),
})

/** Chooses so. @throws Refusal with 409 if another state was saved since `revision` */
export const savePractice = async (revision: number, settings: SettingsDocument) =>
  dataOf(
    await api.PUT('/api/practice', { body: settings, params: { header: { 'If-Match': `"${revision}"` } } }),
  )

/** Every saved state of it, the latest first. */
export const practiceStatesQuery = (revision: number) =>
  queryOptions({
    queryKey: ['practice-states', revision],
    queryFn: async ({ signal }) => dataOf(await api.GET('/api/practice/states', { signal })),
  })
