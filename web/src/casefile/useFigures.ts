import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { useStore } from 'zustand'
import { workFiguresQuery, type Headlines } from '../api/answers'
import { Refusal, type CaseDocument, type EvaluationView, type FieldProblem } from '../api/client'
import { hasUnreadableEntry, type CaseStore } from './caseStore'
import { byIds } from '../field/pointers'
import { useRested } from '../ui/useRested'
import { useCheckedAgainst } from './useCheckedAgainst'

export type Figures = {
  /**
   * `current`: of the document; `refused`: it has no answer; `silent`: nobody could be asked; `failed`: the server could not
   * answer.
   */
  status: 'pending' | 'current' | 'refused' | 'silent' | 'failed'
  /** The document whose figures are shown. */
  answered: CaseDocument
  /** The document's figures, or those of the last entries that had an answer when they were finished. */
  evaluation: EvaluationView
  /** The headlines of the views, of the same document as the figures; null before the first answer. */
  headlines: Headlines | null
  /** The document that is asked about: as it was when the keys last rested. */
  rested: CaseDocument
  /** What is wrong with the document, at places given by ids. */
  problems: readonly FieldProblem[]
  /** Whether an entry stands that keeps the document from being worked out as it is shown. */
  hasFaultyEntry: boolean
}

type Answer = Omit<Figures, 'hasFaultyEntry' | 'rested'> & { document: CaseDocument | null }
type Answered = Pick<Figures, 'answered' | 'evaluation' | 'headlines'>

/** Of keys that follow each other faster, only the last is asked about. */
const KEYS_REST_MS = 30
const RETRY_AFTER_MS = 2_000
const RETRY_AFTER_FAILURE_MS = 5_000
const LONGEST_RETRY_MS = 60_000

/** Asks the server for the figures of each new document; an older question still open is dropped. */
export function useFigures(store: CaseStore, opened: Pick<Answered, 'answered' | 'evaluation'>): Figures {
  const queries = useQueryClient()
  const document = useStore(store.store, (state) => state.document)
  const rested = useRested(document, KEYS_REST_MS)
  const checkedAgainst = useCheckedAgainst(rested)
  const hasUnreadable = useStore(store.store, hasUnreadableEntry)
  const isFinished = useStore(store.store.temporal, (history) => history.isTracking)
  const [answer, setAnswer] = useState<Answer>({
    status: 'pending',
    document: null,
    problems: [],
    headlines: null,
    ...opened,
  })
  const [finished, setFinished] = useState<Answered>({ headlines: null, ...opened })
  const [attempt, setAttempt] = useState({ of: rested, count: 0 })
  const count = attempt.of === rested ? attempt.count : 0

  useEffect(() => {
    let isDropped = false
    let retry: ReturnType<typeof setTimeout> | undefined
    const again = () => setAttempt({ of: rested, count: count + 1 })
    const query = workFiguresQuery(rested, checkedAgainst)
    queries.query(query).then(
      ({ headlines, ...evaluation }) =>
        setAnswer({
          status: 'current',
          document: rested,
          answered: rested,
          evaluation,
          headlines: { view: headlines, sets: checkedAgainst.sets },
          problems: [],
        }),
      (error: unknown) => {
        if (isDropped) return
        const { status, problems } = failureOf(error, rested)
        setAnswer((last) => ({ ...last, status, document: rested, problems }))
        if (status !== 'refused') retry = setTimeout(again, delayOf(status, count))
      },
    )
    window.addEventListener('online', again)
    return () => {
      isDropped = true
      window.removeEventListener('online', again)
      void queries.cancelQueries({ queryKey: query.queryKey, exact: true })
      clearTimeout(retry)
    }
  }, [queries, rested, checkedAgainst, count])

  const isAnswered = answer.document === document
  const status = isAnswered ? answer.status : 'pending'
  // Half-typed figures have answers too (the 3 of 31 %), but nobody meant them.
  if (isFinished && status === 'current' && finished.evaluation !== answer.evaluation) setFinished(answer)
  const { answered, evaluation, headlines } = answer.status === 'refused' ? finished : answer
  const problems = answer.problems
  return {
    status,
    answered,
    evaluation,
    headlines,
    rested,
    problems,
    hasFaultyEntry: hasUnreadable || answer.status === 'refused',
  }
}

function failureOf(
  error: unknown,
  document: CaseDocument,
): Pick<Answer, 'problems'> & { status: 'refused' | 'silent' | 'failed' } {
  if (!(error instanceof Refusal)) return { status: 'silent', problems: [] }
  const { fields } = error.problem
  if (!fields) return { status: 'failed', problems: [] }
  const problems = fields.map((each) => ({
    ...each,
    pointer: each.pointer === null ? null : byIds(document, each.pointer),
  }))
  return { status: 'refused', problems }
}

/** Twice as long after each attempt. */
const delayOf = (status: 'silent' | 'failed', attempts: number) =>
  Math.min(LONGEST_RETRY_MS, (status === 'silent' ? RETRY_AFTER_MS : RETRY_AFTER_FAILURE_MS) * 2 ** attempts)
