import { useQuery, type QueryKey, type UseQueryOptions } from '@tanstack/react-query'
import { useState } from 'react'
import { untilAnswered } from '../api/answers'
import type { CaseDocument } from '../api/client'
import { useShown } from './current'

/** The server's answer to a question about the open case. */
export type Answer<T> = {
  /** The answer to the question, else the last one there was; null before the first. */
  value: T | null
  /** Whether it is of the case and the option as they stand, rather than of what they were. */
  isCurrent: boolean
  /** Why the question has no answer; null while one is on its way. */
  failure: string | null
  /** Asks once more; absent where that leads to no other answer. */
  askAgain?: () => void
}

type Question<T, K extends QueryKey> = UseQueryOptions<T, Error, T, K>

/** How often a question fails before that is told, while it is still asked again. */
const TOLD_AFTER_FAILURES = 2

/**
 * Asks the server about the open case, and says of every answer whether it is of what is on the screen. While an answer is on its way
 * the last one stays, of this option where it has had one.
 *
 * @param of the document that is asked about
 * @param last asks of the last state that had an answer, where this one has none
 */
export function useAnswer<T, K extends QueryKey>(
  question: Question<T, K>,
  of: CaseDocument,
  last?: Question<T, K>,
): Answer<T> {
  const { document, option } = useShown()
  const asked = useQuery(question)
  const earlier = useQuery({ ...(last ?? question), enabled: last !== undefined && asked.isError })
  const [held, hold] = useState<{ value: T; option: string } | null>(null)
  const own = asked.data
  if (own !== undefined && own !== held?.value) hold({ value: own, option })

  const isOfOption = held?.option === option
  const kept = isOfOption || !asked.isError ? held?.value : undefined
  const isTrying = asked.isFetching && asked.failureCount >= TOLD_AFTER_FAILURES
  const failure = asked.error ?? (isTrying ? asked.failureReason : null)
  return {
    value: own ?? earlier.data ?? kept ?? null,
    isCurrent: own !== undefined && of === document,
    failure: failure?.message ?? null,
    ...(failure && untilAnswered(0, failure) ? { askAgain: () => void asked.refetch() } : {}),
  }
}
