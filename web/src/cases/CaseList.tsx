import './cases.css'
import { useEffect, useRef, type ReactNode } from 'react'
import type { CaseListView, CaseSummary, Shelf } from '../api/client'
import { CaseLine } from './CaseLine'

/** The next part is asked for before the end of the list comes into sight. */
const AHEAD = '900px'

type CaseListProps = {
  parts: readonly CaseListView[]
  /** Asks for the next part; null where there is none, or it is on its way. */
  more: (() => void) | null
  shelf: Shelf
  /** Whether these are still those of an earlier search. */
  isEarlier: boolean
  /** What is said where there is none. */
  whenEmpty: string
  /** The ids of those chosen, to be changed together; null where none can be. */
  chosen: ReadonlySet<string> | null
  toggle: (id: string) => void
  /** What can be done about one of them. */
  actions: (summary: CaseSummary) => ReactNode
}

/** The cases found, however many: the browser draws only the lines near what is in sight. */
export function CaseList({ parts, more, isEarlier, whenEmpty, ...line }: CaseListProps) {
  const cases = listedCases(parts)
  const total = parts.at(-1)?.total ?? 0
  const end = useRef<HTMLParagraphElement>(null)
  useEffect(() => {
    if (!more || !end.current) return
    const observer = new IntersectionObserver(([entry]) => entry?.isIntersecting && more(), {
      rootMargin: AHEAD,
    })
    observer.observe(end.current)
    return () => observer.disconnect()
  }, [more])

  if (total === 0) return <p className="text-soft text-base">{whenEmpty}</p>
  return (
    <>
      <ul aria-busy={isEarlier} className="border-rule -mx-2 border-t" aria-label="Cases">
        {cases.map((summary, index) => (
          <li key={summary.id} aria-setsize={total} aria-posinset={index + 1} className="case-item">
            <ListedCase summary={summary} {...line} />
          </li>
        ))}
      </ul>
      <p ref={end} className="note mt-3 ml-0" data-testid="listed">
        {cases.length < total
          ? `${cases.length} of ${total.toLocaleString()}`
          : `${total.toLocaleString()} ${total === 1 ? 'case' : 'cases'}`}
      </p>
    </>
  )
}

/** A case saved between two parts stands in both. */
export const listedCases = (parts: readonly CaseListView[]) => [
  ...new Map(parts.flatMap(({ cases }) => cases).map((each) => [each.id, each])).values(),
]

type ListedCaseProps = Pick<CaseListProps, 'shelf' | 'chosen' | 'toggle' | 'actions'> & {
  summary: CaseSummary
}

function ListedCase({ summary, shelf, chosen, toggle, actions }: ListedCaseProps) {
  const { id, title } = summary
  return (
    <CaseLine
      summary={summary}
      shelf={shelf}
      before={
        chosen && (
          <label className="case-choice">
            <input
              type="checkbox"
              className="accent-act"
              aria-label={`Choose ${title}`}
              checked={chosen.has(id)}
              onChange={() => toggle(id)}
            />
          </label>
        )
      }
    >
      {actions(summary)}
    </CaseLine>
  )
}
