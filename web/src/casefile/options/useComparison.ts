import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { comparisonQuery } from '../../api/answers'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { compare, type Comparison } from './compared'

/** The options of the open case beside one another: as they stand, or as they last had an answer. */
export function useComparison(): Comparison | null {
  const { document, locale, words } = useOpenCase()
  const { answered } = useOption()
  const now = useQuery(comparisonQuery(document))
  const last = useQuery({ ...comparisonQuery(answered.document), enabled: now.isError })
  const answer = now.data ?? last.data
  return useMemo(
    () => (answer ? compare(answer.document, answer.comparison, locale, words) : null),
    [answer, locale, words],
  )
}
