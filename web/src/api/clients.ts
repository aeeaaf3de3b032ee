import { infiniteQueryOptions, keepPreviousData, queryOptions } from '@tanstack/react-query'
import { api, dataOf, doneOf, type ClientDetails, type ClientView } from './client'
import { fileOf } from './files'

/** The practice's clients with these words, by name, a part of them at a time. */
export const clientsQuery = (search: string) =>
  infiniteQueryOptions({
    queryKey: ['clients', search],
    queryFn: async ({ signal, pageParam: from }) =>
      dataOf(await api.GET('/api/clients', { params: { query: { search, from } }, signal })),
    initialPageParam: 0,
    getNextPageParam: ({ total }, parts) => {
      const listed = parts.reduce((sum, { clients }) => sum + clients.length, 0)
      return listed < total ? listed : null
    },
    placeholderData: keepPreviousData,
  })

/** Clients who may be kept twice. */
export const doublesQuery = queryOptions({
  queryKey: ['clients', 'doubles', 'of all'],
  queryFn: async ({ signal }) => dataOf(await api.GET('/api/clients/doubles', { signal })),
})

const at = (id: string) => ({ params: { path: { id } } })

export const clientQuery = (id: string) =>
  queryOptions({
    queryKey: ['client', id],
    queryFn: async ({ signal }) => dataOf(await api.GET('/api/clients/{id}', { ...at(id), signal })),
  })

/** Whose a case is, in a saved state. */
export const clientsOfCaseQuery = (id: string, revision: number) =>
  queryOptions({
    queryKey: ['clients of case', id, revision],
    placeholderData: keepPreviousData,
    queryFn: async ({ signal }) => dataOf(await api.GET('/api/cases/{id}/clients', { ...at(id), signal })),
  })

export const createClient = async (details: ClientDetails): Promise<ClientView> =>
  dataOf(await api.POST('/api/clients', { body: details }))

/** Saves what is known of a client, changed from `seenRevision`. @throws Refusal with 409 if somebody changed it since. */
export const saveClient = async (
  id: string,
  seenRevision: number,
  details: ClientDetails,
): Promise<ClientView> =>
  dataOf(
    await api.PUT('/api/clients/{id}', {
      params: { path: { id }, header: { 'If-Match': `"${seenRevision}"` } },
      body: details,
      keepalive: true,
    }),
  )

/** Makes one of two: `id` takes the cases of `other` and what it does not know, and `other` goes. */
export const mergeClients = async (id: string, other: string): Promise<ClientView> =>
  dataOf(await api.POST('/api/clients/{id}/merge/{other}', { params: { path: { id, other } } }))

/** Deletes a client without cases. */
/** Makes a client of each name between the commas of a name: they share the cases. */
export const divideClient = async (id: string) => dataOf(await api.POST('/api/clients/{id}/division', at(id)))

/** Does so with whoever a case that has just begun was made for. */
export async function divideClientsOf(caseId: string) {
  const [only] = dataOf(await api.GET('/api/cases/{id}/clients', at(caseId)))
  if (only) await divideClient(only.id)
}

export const deleteClient = async (id: string) => doneOf(await api.DELETE('/api/clients/{id}', at(id)))

/** All that is kept of a client, as a file in full or as pages to read. */
export const recordOf = async (id: string, form: 'json' | 'pdf') =>
  fileOf(await fetch(`/api/clients/${id}/record${form === 'pdf' ? '/pdf' : ''}`))

/** What erasing a client would take away. */
export const erasureQuery = (id: string) =>
  queryOptions({
    queryKey: ['erasure', id],
    queryFn: async ({ signal }) => dataOf(await api.GET('/api/clients/{id}/erasure', { ...at(id), signal })),
    staleTime: 0,
  })

/** Erases a client for good, with the cases that are theirs alone. */
export const eraseClient = async (id: string) => doneOf(await api.POST('/api/clients/{id}/erasure', at(id)))

const both = (id: string, client: string) => ({ params: { path: { id, client } } })

export const giveCase = async (id: string, client: string) =>
  doneOf(await api.PUT('/api/cases/{id}/clients/{client}', both(id, client)))

export const takeCase = async (id: string, client: string) =>
  doneOf(await api.DELETE('/api/cases/{id}/clients/{client}', both(id, client)))
