import { queryOptions } from '@tanstack/react-query'
import type { Target } from '../entry/target'
import { FOR_GOOD, untilAnswered, type AnsweredOption, type LadderBuild } from './answers'
import {
  api,
  dataOf,
  type CaseDocument,
  type ProgrammeDocument,
  type TargetAnswerView,
  type TermsDocument,
} from './client'

/** What figures are of: an option as a whole, one payment, a run of them, the rate stated otherwise, the loan at another rate, an income, a let home, a target's answer. */
export type Subject =
  | { of: 'option' }
  | { of: 'kept' }
  | { of: 'line'; line: number }
  | { of: 'compounding'; compounding: TermsDocument['compounding'] }
  | { of: 'range'; first: number; last: number }
  | { of: 'rate'; ratePercent: number; from: LadderBuild['from'] }
  | { of: 'income'; income: number }
  | { of: 'letting'; programme: ProgrammeDocument | null }
  | { of: 'target'; lever: TargetAnswerView['lever']; target: Target }

export const WHOLE_OPTION: Subject = { of: 'option' }

export const isSameSubject = (one: Subject, other: Subject) => JSON.stringify(one) === JSON.stringify(other)

/** How each figure of a subject is calculated. */
export const workingsQuery = ({ document, index: option }: AnsweredOption, subject: Subject) =>
  queryOptions({
    ...FOR_GOOD,
    queryKey: ['workings', option, subject, document],
    queryFn: async ({ signal }) => ({ subject, workings: await ask(document, option, subject, signal) }),
    retry: untilAnswered,
  })

async function ask(body: CaseDocument, option: number, subject: Subject, signal: AbortSignal) {
  switch (subject.of) {
    case 'option':
      return dataOf(await api.POST('/api/workings/{option}', { params: { path: { option } }, body, signal }))
    case 'kept':
      return dataOf(
        await api.POST('/api/workings/{option}/kept', { params: { path: { option } }, body, signal }),
      )
    case 'line':
      return dataOf(
        await api.POST('/api/workings/{option}/lines/{line}', {
          params: { path: { option, line: subject.line } },
          body,
          signal,
        }),
      )
    case 'compounding':
      return dataOf(
        await api.POST('/api/workings/{option}/compoundings/{compounding}', {
          params: { path: { option, compounding: subject.compounding } },
          body,
          signal,
        }),
      )
    case 'range': {
      const { first, last } = subject
      return dataOf(
        await api.POST('/api/workings/{option}/ranges/{first}/{last}', {
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
    case 'income':
      return dataOf(
        await api.POST('/api/workings/{option}/incomes/{income}', {
          params: { path: { option, income: subject.income } },
          body,
          signal,
        }),
      )
    case 'letting':
      return dataOf(
        await api.POST('/api/workings/{option}/letting', {
          params: { path: { option } },
          body: { document: body, programme: subject.programme },
          signal,
        }),
      )
    case 'target':
      return dataOf(
        await api.POST('/api/workings/{option}/targets/{lever}', {
          params: { path: { option, lever: subject.lever }, query: subject.target },
          body,
          signal,
        }),
      )
  }
}
