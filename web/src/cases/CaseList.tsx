import './cases.css'
import { Link } from '@tanstack/react-router'
import { useEffect, useRef } from 'react'
import type { CaseListView, CaseSummary } from '../api/client'
import { formatAmount } from '../format/amount'
import { formatMoment, formatMonth } from '../format/date'
import { localeOf } from '../format/market'

/** The next part is asked for before the end of the list comes into sight. */
const AHEAD = '900px'

type Actions = { duplicate: (summary: CaseSummary) => void; remove: (summary: CaseSummary) => void }

type CaseListProps = Actions & {
  parts: readonly CaseListView[]
  /** Asks for the next part; null where there is none, or it is on its way. */
  more: (() => void) | null
  search: string
  /** Whether these are still those of an earlier search. */
  isEarlier: boolean
}

/** The cases found, however many: the browser draws only the lines near what is in sight. */
export function CaseList({ parts, more, search, isEarlier, ...actions }: CaseListProps) {
  const cases = withoutRepeats(parts.flatMap((part) => part.cases))
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

  if (total === 0) {
    return (
      <p className="text-soft text-base">
        {search ? `No title or client contains “${search}”.` : 'No cases yet. Create the first one.'}
      </p>
    )
  }
  return (
    <>
      <ul aria-busy={isEarlier} className="border-rule -mx-2 border-t" aria-label="Cases">
        {cases.map((summary, index) => (
          <li key={summary.id} aria-setsize={total} aria-posinset={index + 1} className="case-item">
            <CaseLine summary={summary} {...actions} />
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
const withoutRepeats = (cases: readonly CaseSummary[]) => [
  ...new Map(cases.map((each) => [each.id, each])).values(),
]

function CaseLine({ summary, duplicate, remove }: Actions & { summary: CaseSummary }) {
  const { id, title, clients, currency, monthlyCostCents, payoffDate, savedAt, savedBy } = summary
  return (
    <div className="case-line">
      <div>
        <Link
          to="/cases/$id"
          params={{ id }}
          className="text-base font-semibold after:absolute after:inset-0"
        >
          {title}
        </Link>
        <p className="text-soft">{clients}</p>
      </div>
      <p className="mid:text-right">
        <span className="font-figures text-xl">{formatAmount(monthlyCostCents)}</span>
        <span className="note inline-block w-8 text-left">{currency}</span>
        <span className="text-soft mid:block ml-2 text-xs mid:ml-0">
          a month to {formatMonth(payoffDate, localeOf(currency))}
        </span>
      </p>
      <div className="text-xs mid:text-right">
        <p className="text-soft">
          saved {formatMoment(savedAt, new Date())} by {savedBy}
        </p>
        <p className="case-actions">
          <button type="button" onClick={() => duplicate(summary)}>
            Duplicate<span className="sr-only"> {title}</span>
          </button>
          <button type="button" onClick={() => remove(summary)}>
            Delete<span className="sr-only"> {title}</span>
          </button>
        </p>
      </div>
    </div>
  )
}
