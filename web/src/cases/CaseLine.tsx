import { Link } from '@tanstack/react-router'
import type { ReactNode } from 'react'
import type { CaseSummary, Shelf } from '../api/client'
import { formatAmount } from '../format/amount'
import { formatMonth, formatShortDay } from '../format/date'
import { formatMoment } from '../format/moment'
import { localeOf } from '../format/market'
import { NEXT_DAYS } from './filter'

type CaseLineProps = {
  summary: CaseSummary
  shelf: Shelf
  /** What stands before it. */
  before?: ReactNode
  /** What can be done about it. */
  children?: ReactNode
}

/** A case in a line: what it is called, what comes next, how it stands against the limits, what it costs, who saved it. */
export function CaseLine({ summary, shelf, before, children }: CaseLineProps) {
  const { id, title, clients, currency, monthlyCostCents, payoffDate, savedAt, savedBy, advisor } = summary
  const locale = localeOf(currency)
  return (
    <div className={before ? 'case-line case-line-chosen' : 'case-line'}>
      {before}
      <div className="min-w-0">
        {shelf === 'DELETED' ? (
          <span className="text-base font-semibold">{title}</span>
        ) : (
          <Link
            to="/cases/$id"
            params={{ id }}
            className="text-base font-semibold after:absolute after:inset-0"
          >
            {title}
          </Link>
        )}
        <p className="text-soft">{clients}</p>
      </div>
      <div className="text-[0.8125rem]">
        {summary.next && (
          <p>
            {NEXT_DAYS[summary.next.kind]}{' '}
            <span className="whitespace-nowrap">{formatShortDay(summary.next.day, locale)}</span>
          </p>
        )}
        <LimitsLine limits={summary.limits} />
      </div>
      <p className="mid:text-right">
        <span className="font-figures text-xl">{formatAmount(monthlyCostCents)}</span>
        <span className="note inline-block w-8 text-left">{currency}</span>
        <span className="text-soft mid:block ml-2 text-xs mid:ml-0">
          {summary.isPaymentOnly ? 'loan payment only' : 'a month'} to {formatMonth(payoffDate, locale)}
        </span>
      </p>
      <div className="text-xs mid:text-right">
        <p className="text-soft">
          {summary.goesAt
            ? `goes for good on ${formatMoment(summary.goesAt, new Date())}`
            : `saved ${formatMoment(savedAt, new Date())} by ${savedBy}`}
        </p>
        {advisor && advisor.name !== savedBy && !summary.goesAt && (
          <p className="text-soft">advisor: {advisor.name}</p>
        )}
        {children && <p className="case-actions">{children}</p>}
      </div>
    </div>
  )
}

function LimitsLine({ limits }: { limits: CaseSummary['limits'] }) {
  if (!limits) return null
  const { sets, met } = limits
  if (met === sets)
    return <p className="text-met">{sets === 1 ? 'Limits met' : `All ${sets} limit sets met`}</p>
  if (met === 0)
    return <p className="text-over">{sets === 1 ? 'Limits not met' : `None of ${sets} limit sets met`}</p>
  return (
    <p className="text-soft">
      {met} of {sets} limit sets met
    </p>
  )
}
