import { queryOptions } from '@tanstack/react-query'
import { api, dataOf, doneOf, type NewPractice } from './client'

/** How one signs in, and where one is signed in. */
export const accountQuery = queryOptions({
  queryKey: ['account'],
  queryFn: async ({ signal }) => dataOf(await api.GET('/api/account', { signal })),
})

/** Whether there is a practice to sign in to. */
export const installationQuery = queryOptions({
  queryKey: ['installation'],
  queryFn: async ({ signal }) => dataOf(await api.GET('/api/setup', { signal })),
})

export const changePassword = async (current: string, password: string) =>
  doneOf(await api.PUT('/api/account/password', { body: { current, password } }))

export const endSession = async (id: string) =>
  doneOf(await api.DELETE('/api/account/sessions/{id}', { params: { path: { id } } }))

export const endOtherSessions = async () => doneOf(await api.DELETE('/api/account/sessions'))

/** A secret to put into an app that tells codes. */
export const proposeSecondFactor = async (password: string) =>
  dataOf(await api.POST('/api/account/second-factor', { body: { password } }))

/** Has a code asked for from now on. */
export const confirmSecondFactor = async (code: string) =>
  dataOf(await api.PUT('/api/account/second-factor', { body: { code } }))

export const removeSecondFactor = async (password: string) =>
  doneOf(await api.POST('/api/account/second-factor/removal', { body: { password } }))

/** Sets up a practice with its first owner. */
export const setUpPractice = async (wanted: NewPractice) =>
  doneOf(await api.POST('/api/setup', { body: wanted }))
