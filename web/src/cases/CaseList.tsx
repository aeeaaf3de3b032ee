import './cases.css'
import { Link } from '@tanstack/react-router'
import { useWindowVirtualizer } from '@tanstack/react-virtual'
import { useEffect, useState } from 'react'
import type { CaseListView, CaseSummary } from '../api/client'
import { formatAmount } from '../format/amount'
import { formatMoment, formatMonth } from '../format/date'
import { localeOf } from '../format/market'

const ROW_PX = 65
/** The next part is asked for when this many lines are left below what is in sight. */
const LEFT_OVER = 15

type Actions = { duplicate: (summary: CaseSummary) => void; remove: (summary: CaseSummary) => void }

type CaseListProps = Actions & {
  parts: readonly CaseListView[]
  /** Asks for the next part; null where there is none, or it is on its way. */
  more: (() => void) | null
  search: string
}

/** The cases found, however many: only the lines in sight are built. */
export function CaseList({ parts, more, search, ...actions }: CaseListProps) {
  const cases = withoutRepeats(parts.flatMap((part) => part.cases))
  const total = parts.at(-1)?.total ?? 0
  const [above, setAbove] = useState(0)
  const virtual = useWindowVirtualizer({
    count: cases.length,
    estimateSize: () => ROW_PX,
    getItemKey: (index) => cases[index]?.id ?? index,
    initialRect: { width: 0, height: window.innerHeight },
    overscan: 10,
    scrollMargin: above,
  })
  const lines = virtual.getVirtualItems()
  const last = lines.at(-1)?.index ?? 0
  useEffect(() => {
    if (more && last >= cases.length - LEFT_OVER) more()
  }, [more, last, cases.length])

  if (total === 0) {
    return (
      <p className="text-soft text-base">
        {search ? `No title or client contains “${search}”.` : 'No cases yet. Create the first one.'}
      </p>
    )
  }
  return (
    <>
      <ul
        ref={(list) => setAbove(list?.offsetTop ?? 0)}
        className="border-rule relative -mx-2 border-t"
        style={{ height: virtual.getTotalSize() }}
        aria-label="Cases"
      >
        {lines.map(({ key, index, start }) => {
          const summary = cases[index]
          return (
            summary && (
              <li
                key={key}
                ref={virtual.measureElement}
                data-index={index}
                aria-setsize={total}
                aria-posinset={index + 1}
                className="absolute inset-x-0 top-0"
                style={{ transform: `translateY(${start - above}px)` }}
              >
                <CaseLine summary={summary} {...actions} />
              </li>
            )
          )
        })}
      </ul>
      <p className="note mt-3 ml-0" data-testid="listed">
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
