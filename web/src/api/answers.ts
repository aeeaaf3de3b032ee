import { keepPreviousData, queryOptions } from '@tanstack/react-query'
import type { Wish } from '../entry/wish'
import { evaluate } from './cases'
import { api, dataOf, type CaseDocument } from './client'

/** Answers follow from the document alone, so one that was given stays right. */
export const FOR_GOOD = { staleTime: Infinity, gcTime: 60_000 } as const

/** The figures of a document. */
export const figuresQuery = (document: CaseDocument) =>
  queryOptions({
    ...FOR_GOOD,
    queryKey: ['figures', document],
    queryFn: ({ signal }) => evaluate(document, signal),
    retry: false,
  })

/** Every payment of an option. */
export const scheduleQuery = (document: CaseDocument, option: number) =>
  queryOptions({
    ...FOR_GOOD,
    queryKey: ['schedule', option, document],
    queryFn: async ({ signal }) =>
      dataOf(
        await api.POST('/api/schedules/{option}', { params: { path: { option } }, body: document, signal }),
      ),
    placeholderData: keepPreviousData,
  })

export type LadderBuild = { from: 'BEGINNING' | 'RENEWAL'; stepPercent: number; down: number; up: number }

/** What an option costs at rates around its own. */
export const ladderQuery = (document: CaseDocument, option: number, build: LadderBuild) =>
  queryOptions({
    ...FOR_GOOD,
    queryKey: ['ladder', option, document, build],
    queryFn: async ({ signal }) =>
      dataOf(
        await api.POST('/api/ladders/{option}', {
          params: { path: { option }, query: build },
          body: document,
          signal,
        }),
      ),
    placeholderData: keepPreviousData,
  })

/** What each lever of an option can do for a wish. */
export const wishQuery = (document: CaseDocument, option: number, wish: Wish) =>
  queryOptions({
    ...FOR_GOOD,
    queryKey: ['wish', option, document, wish],
    queryFn: async ({ signal }) =>
      dataOf(
        await api.POST('/api/wishes/{option}', {
          params: { path: { option }, query: wish },
          body: document,
          signal,
        }),
      ),
    placeholderData: keepPreviousData,
  })
