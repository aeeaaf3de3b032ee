import { queryOptions } from '@tanstack/react-query'
import { api, dataOf, doneOf, type Role } from './client'

/** Everybody of the practice, those who left among them. */
export const peopleQuery = queryOptions({
  queryKey: ['people'],
  queryFn: async ({ signal }) => dataOf(await api.GET('/api/people', { signal })),
})

/** Mail to the practice's people; for owners. */
export const sentMailQuery = queryOptions({
  queryKey: ['sent-mail'],
  queryFn: async ({ signal }) => dataOf(await api.GET('/api/sent-mail', { signal })),
})

export const invite = async (name: string, email: string, role: Role) =>
  dataOf(await api.POST('/api/people', { body: { name, email, role } }))

const at = (id: string) => ({ params: { path: { id } } })

export const changePerson = async (id: string, name: string, role: Role) =>
  dataOf(await api.PUT('/api/people/{id}', { ...at(id), body: { name, role } }))

export const endWork = async (id: string) => dataOf(await api.DELETE('/api/people/{id}', at(id)))

/** Signs somebody out wherever they are; they may sign in again. */
export const endSessions = async (id: string) => doneOf(await api.DELETE('/api/people/{id}/sessions', at(id)))

export const bringBack = async (id: string) => dataOf(await api.POST('/api/people/{id}/return', at(id)))

export const sendPasswordLink = async (id: string) =>
  dataOf(await api.POST('/api/people/{id}/password-link', at(id)))

export const dropSecondFactor = async (id: string) =>
  dataOf(await api.DELETE('/api/people/{id}/second-factor', at(id)))

/** The address at which somebody chooses their password: servers on the way do not see what stands behind the sign. */
export const passwordAddress = (key: string) => `${window.location.origin}/password#${key}`

/** Whom a link is for. @throws Refusal if it is good no more. */
export const receiverOf = async (key: string) =>
  dataOf(await api.POST('/api/password-links/reading', { body: { key } }))

export const choosePassword = async (key: string, password: string) =>
  doneOf(await api.PUT('/api/password-links', { body: { key, password } }))
