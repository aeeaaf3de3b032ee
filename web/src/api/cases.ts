import { queryOptions, skipToken } from '@tanstack/react-query'
import type { Market } from '../format/market'
import { api, dataOf, type CaseDocument, type CaseView, type EvaluationView } from './client'

/** How often an open case asks whether someone else saved it. */
const LOOK_EVERY_MS = 8000

export const casesQuery = (search: string) =>
  queryOptions({
    queryKey: ['cases', search],
    queryFn: async ({ signal }) =>
      dataOf(await api.GET('/api/cases', { params: { query: { search } }, signal })),
  })

export const caseQuery = (id: string) =>
  queryOptions({
    queryKey: ['case', id],
    queryFn: async ({ signal }) =>
      dataOf(await api.GET('/api/cases/{id}', { params: { path: { id } }, signal })),
    refetchInterval: LOOK_EVERY_MS,
  })

/** A new document with a market's usual terms, or the practice's own, to be given a title. */
export const startingCase = async (market: Market | null): Promise<CaseDocument> =>
  dataOf(await api.GET('/api/starting-case', { params: { query: market ? { market } : {} } }))

export const createCase = async (document: CaseDocument): Promise<CaseView> =>
  dataOf(await api.POST('/api/cases', { body: document }))

/** Saves a state made from `seenRevision`. @throws Refusal with 409 if another was saved since. */
export const saveCase = async (id: string, seenRevision: number, document: CaseDocument): Promise<CaseView> =>
  dataOf(
    await api.PUT('/api/cases/{id}', {
      params: { path: { id }, header: { 'If-Match': `"${seenRevision}"` } },
      body: document,
      keepalive: true,
    }),
  )

export const evaluate = async (document: CaseDocument, signal: AbortSignal): Promise<EvaluationView> =>
  dataOf(await api.POST('/api/evaluations', { body: document, signal }))

/** The figures of a saved state. */
export const evaluationQuery = (saved: CaseView | null) =>
  queryOptions({
    queryKey: ['evaluation', saved?.id, saved?.revision],
    queryFn: saved ? ({ signal }) => evaluate(saved.document, signal) : skipToken,
    staleTime: Infinity,
  })
