import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { useStore } from 'zustand'
import { figuresQuery } from '../api/answers'
import { Refusal, type CaseDocument, type EvaluationView, type FieldProblem } from '../api/client'
import { hasUnreadableEntry, type CaseStore } from './caseStore'

export type Figures = {
  /** `current`: of the document; `refused`: it has no answer; `unreachable`: nobody could be asked. */
  status: 'pending' | 'current' | 'refused' | 'unreachable'
  /** The document that was asked about. */
  document: CaseDocument | null
  /** The document whose figures are shown. */
  answered: CaseDocument
  /** The document's figures, or those of the last entries that had an answer when they were finished. */
  evaluation: EvaluationView
  problems: readonly FieldProblem[]
  /** Whether an entry stands that keeps the document from being worked out as it is shown. */
  hasFaultyEntry: boolean
}

type Answer = Omit<Figures, 'hasFaultyEntry'>
type Answered = Pick<Figures, 'answered' | 'evaluation'>

const RETRY_AFTER_MS = 2000

/** Asks the server for the figures of each new document; an older question still open is dropped. */
export function useFigures(store: CaseStore, opened: EvaluationView): Figures {
  const queries = useQueryClient()
  const document = useStore(store.store, (state) => state.document)
  const hasUnreadable = useStore(store.store, hasUnreadableEntry)
  const isFinished = useStore(store.store.temporal, (history) => history.isTracking)
  const [answer, setAnswer] = useState<Answer>({
    status: 'pending',
    document: null,
    answered: document,
    evaluation: opened,
    problems: [],
  })
  const [finished, setFinished] = useState<Answered>({ answered: document, evaluation: opened })
  const [attempt, setAttempt] = useState(0)

  useEffect(() => {
    let isDropped = false
    let retry: ReturnType<typeof setTimeout> | undefined
    const query = figuresQuery(document)
    queries.query(query).then(
      (evaluation) =>
        setAnswer({ status: 'current', document, answered: document, evaluation, problems: [] }),
      (error: unknown) => {
        if (isDropped) return
        const problems = error instanceof Refusal ? error.problem.fields : undefined
        const status = problems ? 'refused' : 'unreachable'
        setAnswer((last) => ({ ...last, status, document, problems: problems ?? [] }))
        if (!problems) retry = setTimeout(() => setAttempt((count) => count + 1), RETRY_AFTER_MS)
      },
    )
    return () => {
      isDropped = true
      void queries.cancelQueries({ queryKey: query.queryKey, exact: true })
      clearTimeout(retry)
    }
  }, [queries, document, attempt])

  // Half-typed figures have answers too (the 3 of 31 %), but nobody meant them.
  const isAnswered = answer.status === 'current' && answer.document === document
  if (isFinished && isAnswered && finished.evaluation !== answer.evaluation) setFinished(answer)
  const { answered, evaluation } = answer.status === 'refused' ? finished : answer
  return { ...answer, answered, evaluation, hasFaultyEntry: hasUnreadable || answer.status === 'refused' }
}
