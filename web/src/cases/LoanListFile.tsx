import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { Refusal, type LoanListStep, type LoanListView } from '../api/client'
import { keepLoanList, readLoanList, type LoanList } from '../api/loanLists'
import { ColumnMatch, type Matches } from '../field/ColumnMatch'
import { lineProblem, problemsOf, type LineProblem } from '../field/lineProblems'
import { TextButton } from '../ui/TextButton'
import { LoanListPreview } from './LoanListPreview'

type LoanListFileProps = { text: string; close: () => void }

/** A list of loans from a file: its columns, what would come in, and what is wrong, before any of it is kept as cases. */
export function LoanListFile({ text, close }: LoanListFileProps) {
  const queries = useQueryClient()
  const [matches, setMatches] = useState<Matches>({})
  const [step, setStep] = useState<LoanListStep | null>(null)
  const stop = useRef(new AbortController())
  const following = (
    work: (list: LoanList, to: Parameters<typeof readLoanList>[1]) => Promise<LoanListView>,
  ) => {
    stop.current.abort()
    stop.current = new AbortController()
    setStep(null)
    return work({ text, columns: matches }, { told: setStep, signal: stop.current.signal })
  }
  const reading = useMutation({ mutationFn: () => following(readLoanList) })
  const keeping = useMutation({
    mutationFn: () => following(keepLoanList),
    onSettled: () => queries.invalidateQueries({ queryKey: ['cases'] }),
  })
  const { mutate: read } = reading
  useEffect(() => {
    read()
    return () => stop.current.abort()
  }, [read, text, matches])

  const { data } = reading
  const isAtWork = reading.isPending || keeping.isPending
  const refused = reading.error instanceof Refusal ? reading.error.problem.columns : undefined
  const columns = refused ?? data?.columns
  if (keeping.data) {
    return (
      <div className="mt-5" role="status">
        <p>{keeping.data.count.toLocaleString('en-US')} cases kept.</p>
        <button type="button" className="button mt-4" onClick={close}>
          Close
        </button>
      </div>
    )
  }
  return (
    <>
      {isAtWork && <HowFar step={step} cancel={() => stop.current.abort()} />}
      {!reading.isPending && <Faults error={keeping.error ?? reading.error} view={data} />}
      {columns && !keeping.isPending && (
        <details className="mt-4" open={refused !== undefined}>
          <summary className="heading cursor-pointer">Columns</summary>
          <ColumnMatch columns={columns} matches={matches} match={setMatches} />
        </details>
      )}
      {data && <LoanListPreview view={data} />}
      <p className="mt-5 flex items-center gap-5">
        <button
          type="button"
          className="button"
          disabled={!data || data.faultCount > 0 || isAtWork}
          onClick={() => keeping.mutate()}
        >
          {data ? `Keep ${data.count.toLocaleString('en-US')} as new cases` : 'Keep as new cases'}
        </button>
        <TextButton onClick={close}>Cancel</TextButton>
      </p>
    </>
  )
}

const DOING = { READING: 'Reading', KEEPING: 'Keeping', DONE: 'Done' } as const

/** How far a long list is, and how it is stopped. */
function HowFar({ step, cancel }: { step: LoanListStep | null; cancel: () => void }) {
  const words = step
    ? `${DOING[step.doing]}: ${step.done.toLocaleString('en-US')} of ${step.of.toLocaleString('en-US')} lines`
    : 'Reading…'
  return (
    <div className="mt-4">
      <progress
        className="w-full"
        aria-label="How far it is"
        {...(step ? { value: step.done, max: step.of } : {})}
      />
      <p className="flex justify-between gap-4">
        <span role="status">{words}</span>
        <TextButton onClick={cancel}>Stop</TextButton>
      </p>
    </div>
  )
}

/** Everything that is wrong in a list, by line and column. */
function Faults({ error, view }: { error: Error | null; view: LoanListView | undefined }) {
  const isStopped = error?.name === 'AbortError'
  const problems: readonly LineProblem[] = error
    ? isStopped
      ? [{ line: null, column: null, message: 'Stopped. Nothing was kept.' }]
      : problemsOf(error)
    : (view?.faults ?? []).map(lineProblem)
  if (problems.length === 0) return null
  const more = error ? 0 : (view?.faultCount ?? 0) - problems.length
  return (
    <ul
      role="alert"
      aria-label="What is wrong in the file"
      className="field-problem mt-3 max-h-48 overflow-y-auto"
    >
      {problems.map(({ line, column, message }, index) => (
        <li key={index}>
          {line !== null && <b>{`Line ${line}${column === null ? '' : `, ${column}`}: `}</b>}
          {message}
        </li>
      ))}
      {more > 0 && <li>and {more.toLocaleString('en-US')} more</li>}
    </ul>
  )
}
