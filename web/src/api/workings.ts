import { queryOptions } from '@tanstack/react-query'
import type { Wish } from '../entry/wish'
import { FOR_GOOD, type LadderBuild } from './answers'
import { api, dataOf, type CaseDocument, type WishAnswerView, type WorkingView } from './client'

/** What figures are of: an option as a whole, one payment, a run of them, the loan at another rate, a wish's answer. */
export type Subject =
  | { of: 'option' }
  | { of: 'line'; line: number }
  | { of: 'stretch'; first: number; last: number }
  | { of: 'rate'; ratePercent: number; from: LadderBuild['from'] }
  | { of: 'wish'; lever: WishAnswerView['lever']; wish: Wish }

export const WHOLE_OPTION: Subject = { of: 'option' }

export const isSameSubject = (one: Subject, other: Subject) => JSON.stringify(one) === JSON.stringify(other)

/** How each figure of a subject came about. */
export const workingsQuery = (document: CaseDocument, option: number, subject: Subject) =>
  queryOptions({
    ...FOR_GOOD,
    queryKey: ['workings', option, subject, document] as const,
    queryFn: ({ signal }) => ask(document, option, subject, signal),
    // While the case is typed the last numbers stay; those of another subject never stand in for its own.
    placeholderData: (last: WorkingView[] | undefined, lastQuery) =>
      lastQuery && isSameSubject(lastQuery.queryKey[2], subject) ? last : undefined,
    retry: false,
  })

async function ask(body: CaseDocument, option: number, subject: Subject, signal: AbortSignal) {
  switch (subject.of) {
    case 'option':
      return dataOf(await api.POST('/api/workings/{option}', { params: { path: { option } }, body, signal }))
    case 'line':
      return dataOf(
        await api.POST('/api/workings/{option}/lines/{line}', {
          params: { path: { option, line: subject.line } },
          body,
          signal,
        }),
      )
    case 'stretch': {
      const { first, last } = subject
      return dataOf(
        await api.POST('/api/workings/{option}/stretches/{first}/{last}', {
          params: { path: { option, first, last } },
          body,
          signal,
        }),
      )
    }
    case 'rate':
      return dataOf(
        await api.POST('/api/workings/{option}/rates/{percent}', {
          params: { path: { option, percent: subject.ratePercent }, query: { from: subject.from } },
          body,
          signal,
        }),
      )
    case 'wish':
      return dataOf(
        await api.POST('/api/workings/{option}/wishes/{lever}', {
          params: { path: { option, lever: subject.lever }, query: subject.wish },
          body,
          signal,
        }),
      )
  }
}
