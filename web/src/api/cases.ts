import { infiniteQueryOptions, keepPreviousData, queryOptions, skipToken } from '@tanstack/react-query'
import type { Market } from '../format/market'
import { api, dataOf, doneOf } from './client'
import type { CaseChange, CaseDocument, CaseFilter, CaseView, EvaluationView } from './client'

/** How often an open case asks whether someone else saved it. */
const LOOK_EVERY_MS = 8000

/** The practice's cases that a filter leaves, a part of them at a time. */
export const casesQuery = (filter: CaseFilter) =>
  infiniteQueryOptions({
    queryKey: ['cases', filter],
    queryFn: async ({ signal, pageParam: from }) =>
      dataOf(await api.GET('/api/cases', { params: { query: { ...filter, from } }, signal })),
    initialPageParam: 0,
    getNextPageParam: ({ total }, parts) => {
      const listed = parts.reduce((sum, { cases }) => sum + cases.length, 0)
      return listed < total ? listed : null
    },
    placeholderData: keepPreviousData,
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

const LONGEST_TITLE = 200
const COPY = ', copy'

/** A new case that says what another one does. */
export async function duplicateCase(id: string): Promise<CaseView> {
  const { document } = dataOf(await api.GET('/api/cases/{id}', { params: { path: { id } } }))
  return createCase({ ...document, title: document.title.slice(0, LONGEST_TITLE - COPY.length) + COPY })
}

/** Does something to cases, to all of them or to none; `advisor` looks after them where they are handed over. */
export const changeCases = async (
  cases: readonly string[],
  change: CaseChange,
  advisor: string | null = null,
) => doneOf(await api.POST('/api/cases/changes', { body: { cases: [...cases], change, advisor } }))

/** Keeps a case as one that others begin from, without what it says of its clients. */
export const keepAsTemplate = async (id: string, title: string): Promise<CaseView> =>
  dataOf(await api.POST('/api/cases/{id}/template', { params: { path: { id } }, body: { title } }))

/** What a case that begins from another starts with, to be given a title. */
export const startingFrom = async (id: string): Promise<CaseDocument> =>
  dataOf(await api.GET('/api/cases/{id}/starting-case', { params: { path: { id } } }))

/** A browser sends no more than this of all requests that outlive their page, and refuses what is larger. */
const MOST_KEPT_ALIVE_BYTES = 60_000

/**
 * Saves a state made from `seenRevision`; a page that is closed meanwhile does not end it, unless it is too large for that.
 * @throws Refusal with 409 if another was saved since.
 */
export const saveCase = async (id: string, seenRevision: number, document: CaseDocument): Promise<CaseView> =>
  dataOf(
    await api.PUT('/api/cases/{id}', {
      params: { path: { id }, header: { 'If-Match': `"${seenRevision}"` } },
      body: document,
      keepalive: new TextEncoder().encode(JSON.stringify(document)).length <= MOST_KEPT_ALIVE_BYTES,
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
