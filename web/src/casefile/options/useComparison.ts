import { useMemo } from 'react'
import { comparisonQuery } from '../../api/answers'
import { useAnswer, type Answer } from '../../answer/useAnswer'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { compare, type Comparison } from './compared'

/** The options of the open case beside one another: as they stand, or as they last had an answer. */
export function useComparison(): Answer<Comparison> {
  const { rested: document, locale, words } = useOpenCase()
  const { answered } = useOption()
  const answer = useAnswer(comparisonQuery(document), document, comparisonQuery(answered.document))
  const value = useMemo(
    () => answer.value && compare(answer.value.document, answer.value.comparison, locale, words),
    [answer.value, locale, words],
  )
  return { ...answer, value }
}
