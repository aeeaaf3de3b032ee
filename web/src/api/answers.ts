import { queryOptions } from '@tanstack/react-query'
import type { Target } from '../entry/target'
import { evaluate } from './cases'
import {
  api,
  dataOf,
  Refusal,
  type CaseDocument,
  type HeadlinesView,
  type LimitSetView,
  type ProgrammeView,
} from './client'

/** Answers follow from the document alone, so one that was given stays right; each key press leaves one behind, so none is kept long. */
export const FOR_GOOD = { staleTime: Infinity, gcTime: 10_000 } as const

const TOO_MANY_REQUESTS = 429
const SERVER_ERROR = 500

/**
 * Whether a question is asked again: where nobody was reached or the server could not answer, the last figures stay until it does. A
 * refusal is an answer.
 */
export const untilAnswered = (_failures: number, error: Error) =>
  !(error instanceof Refusal) || error.status === TOO_MANY_REQUESTS || error.status >= SERVER_ERROR

/** An option that has an answer: the document that was asked about, and which of its options, counted from 0. */
export type AnsweredOption = { document: CaseDocument; index: number }

/** The figures of a document. */
export const figuresQuery = (document: CaseDocument) =>
  queryOptions({
    ...FOR_GOOD,
    queryKey: ['figures', document],
    queryFn: ({ signal }) => evaluate(document, signal),
    retry: false,
  })

/** What a case is checked against: limit sets, null while they are not known, and the programme of a let home. */
export type CheckedAgainst = { sets: readonly LimitSetView[] | null; programme: ProgrammeView | null }

/** The headlines of a case's views, and the limit sets that they are about. */
export type Headlines = { view: HeadlinesView; sets: CheckedAgainst['sets'] }

/** The figures of an open case, with the headlines of its views. */
export const workFiguresQuery = (document: CaseDocument, { sets, programme }: CheckedAgainst) =>
  queryOptions({
    ...FOR_GOOD,
    queryKey: [
      'work-figures',
      document,
      sets?.map(({ id, revision }) => [id, revision]),
      programme && [programme.id, programme.revision],
    ],
    queryFn: async ({ signal }) =>
      dataOf(
        await api.POST('/api/figures', {
          body: {
            document,
            sets: (sets ?? []).map(({ set }) => set),
            programme: programme?.programme ?? null,
          },
          signal,
        }),
      ),
    retry: false,
  })

/** The options of a document beside one another. */
export const comparisonQuery = (document: CaseDocument) =>
  queryOptions({
    ...FOR_GOOD,
    queryKey: ['comparison', document],
    queryFn: async ({ signal }) => ({
      document,
      comparison: dataOf(await api.POST('/api/comparisons', { body: document, signal })),
    }),
    retry: untilAnswered,
  })

/** Every payment of an option. */
export const scheduleQuery = ({ document, index: option }: AnsweredOption) =>
  queryOptions({
    ...FOR_GOOD,
    queryKey: ['schedule', option, document],
    queryFn: async ({ signal }) =>
      dataOf(
        await api.POST('/api/schedules/{option}', { params: { path: { option } }, body: document, signal }),
      ),
    retry: untilAnswered,
  })

export type LadderBuild = { from: 'BEGINNING' | 'RENEWAL'; stepPercent: number; down: number; up: number }

/** What an option costs at rates around its own. */
export const ladderQuery = ({ document, index: option }: AnsweredOption, build: LadderBuild) =>
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
    retry: untilAnswered,
  })

export type GridAcross = 'TERM' | 'DOWN_PAYMENT'

/** What an option comes to at rates around its own, across terms or shares down. */
export const gridQuery = ({ document, index: option }: AnsweredOption, across: GridAcross) =>
  queryOptions({
    ...FOR_GOOD,
    queryKey: ['grid', option, document, across],
    queryFn: async ({ signal }) => ({
      across,
      rows: dataOf(
        await api.POST('/api/grids/{option}', {
          params: { path: { option }, query: { across } },
          body: document,
          signal,
        }),
      ),
    }),
    retry: untilAnswered,
  })

/** What each lever of an option can do for a target. */
export const targetQuery = ({ document, index: option }: AnsweredOption, target: Target) =>
  queryOptions({
    ...FOR_GOOD,
    queryKey: ['target', option, target, document],
    queryFn: async ({ signal }) => ({
      target,
      levers: dataOf(
        await api.POST('/api/targets/{option}', {
          params: { path: { option }, query: target },
          body: document,
          signal,
        }),
      ),
    }),
    retry: untilAnswered,
  })
