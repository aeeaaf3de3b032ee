import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { Refusal, type LoanListStep, type LoanListView } from '../api/client'
import { keepLoanList, readLoanList, type LoanList } from '../api/loanLists'
import { ColumnMatch, type Matches } from '../field/ColumnMatch'
import { TextButton } from '../ui/TextButton'
import { LoanListFaults } from './LoanListFaults'
import { LoanListPreview } from './LoanListPreview'
import { LoanListProgress } from './LoanListProgress'

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
      {isAtWork && <LoanListProgress step={step} cancel={() => stop.current.abort()} />}
      {!reading.isPending && <LoanListFaults error={keeping.error ?? reading.error} view={data} />}
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
