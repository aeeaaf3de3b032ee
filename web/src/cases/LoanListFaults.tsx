import type { LoanListView } from '../api/client'
import { lineProblem, problemsOf } from '../field/lineProblems'

/** Everything that is wrong in a list, by line and column. */
export function LoanListFaults({ error, view }: { error: Error | null; view: LoanListView | undefined }) {
  const problems = error ? problemsOf(error) : (view?.faults ?? []).map(lineProblem)
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
