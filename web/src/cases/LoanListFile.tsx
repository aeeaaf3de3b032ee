import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { Refusal, type LoanListStep, type LoanListView } from '../api/client'
import { keepLoanList, readLoanList, type LoanList } from '../api/loanLists'
import { ColumnMatch, type Matches } from '../field/ColumnMatch'
import { TextButton } from '../ui/TextButton'
import { FaultyLines } from './FaultyLines'
import { LoanListFaults } from './LoanListFaults'
import { LoanListPreview } from './LoanListPreview'
import { LoanListProgress } from './LoanListProgress'
import { SharedClients } from './SharedClients'

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
        <p>{outcomeWords(keeping.data)}</p>
        <SharedClients view={keeping.data} />
        {keeping.data.faultyLines > 0 && <FaultyLines list={{ text, columns: matches }} />}
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
      {data && data.faultyLines > 0 && !isAtWork && <FaultyLines list={{ text, columns: matches }} />}
      <p className="mt-5 flex items-center gap-5">
        <button
          type="button"
          className="button"
          disabled={!data || data.count === 0 || isAtWork}
          onClick={() => keeping.mutate()}
        >
          {importWords(data)}
        </button>
        <TextButton onClick={close}>Cancel</TextButton>
      </p>
    </>
  )
}

const counted = (count: number, noun: string) =>
  `${count.toLocaleString('en-US')} ${noun}${count === 1 ? '' : 's'}`

/** What one press does: the lines that cannot be read stay out. */
const importWords = (view: LoanListView | undefined) =>
  view
    ? `Import ${counted(view.count, 'case')}${view.faultyLines > 0 ? `, without ${counted(view.faultyLines, 'faulty line')}` : ''}`
    : 'Import'

const outcomeWords = ({ count, faultyLines }: LoanListView) =>
  `${counted(count, 'case')} imported${faultyLines > 0 ? `; ${counted(faultyLines, 'faulty line')} left out` : ''}.`
