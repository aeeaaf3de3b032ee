import { queryOptions } from '@tanstack/react-query'
import { api, dataOf, doneOf, type ClientLinkView } from './client'

/** What a client's page shows of a case: an option, and what the options are called. */
export type Shown = { titles: string[] }

/** The links of a case to pages for its clients, the latest first. */
export const clientLinksQuery = (caseId: string) =>
  queryOptions({
    queryKey: ['client-links', caseId],
    queryFn: async ({ signal }) =>
      dataOf(await api.GET('/api/cases/{id}/client-links', { params: { path: { id: caseId } }, signal })),
  })

/** The cases whose clients wrote what nobody of the practice has seen, the latest first. */
export const unseenNotesQuery = queryOptions({
  queryKey: ['unseen-notes'],
  queryFn: async ({ signal }) => dataOf(await api.GET('/api/client-notes/unseen', { signal })),
})

const seen = (revision: number) => ({ 'If-Match': `"${revision}"` })

/** Makes a link to a page of a case as it is saved. @throws Refusal with 409 if another state was saved since */
export const makeClientLink = async (
  caseId: string,
  revision: number,
  body: Shown & { endsOn: string; word: string | null },
): Promise<{ link: ClientLinkView; key: string }> =>
  dataOf(
    await api.POST('/api/cases/{id}/client-links', {
      params: { path: { id: caseId }, header: seen(revision) },
      body,
    }),
  )

/** Has a link show the case as it is saved now. @throws Refusal with 409 if another state was saved since */
export const showOnClientLink = async (id: string, revision: number, body: Shown) =>
  doneOf(
    await api.PUT('/api/client-links/{id}/shown', { params: { path: { id }, header: seen(revision) }, body }),
  )

export const endClientLink = async (id: string) =>
  doneOf(await api.DELETE('/api/client-links/{id}', { params: { path: { id } } }))

/** Takes the notes of a case as seen. */
export const seeNotes = async (caseId: string) =>
  doneOf(await api.PUT('/api/cases/{id}/client-notes/seen', { params: { path: { id: caseId } } }))

/** Where a link with this key leads. What follows the sign is told to no server on the way. */
export const addressOf = (key: string) => `${window.location.origin}/client-page#${key}`
