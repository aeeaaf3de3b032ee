import { Link } from '@tanstack/react-router'
import { formatAmount } from '../format/amount'
import { formatMonth } from '../format/date'
import { useOpenCase } from './CaseContext'

/** The case's views like the contents of a statement, each with its headline figure. */
export function CaseIndex({ id }: { id: string }) {
  const { figures, locale } = useOpenCase()
  const entries = [
    { to: '/cases/$id', name: 'Loan', headline: `${formatAmount(figures.housingCost.totalCents)} a month` },
    {
      to: '/cases/$id/lifeline',
      name: 'Lifeline',
      headline: `to ${formatMonth(figures.payoffDate, locale)}`,
    },
  ] as const
  return (
    <nav
      aria-label="Views of the case"
      className="border-rule flex gap-6 px-4 pt-4 mid:px-8 wide:block wide:border-r wide:px-0 wide:pt-7"
    >
      {entries.map(({ to, name, headline }) => (
        <Link
          key={name}
          to={to}
          params={{ id }}
          activeOptions={{ exact: true }}
          className="index-entry"
          inactiveProps={{ className: 'index-entry-away' }}
        >
          <span className="block text-[0.8125rem] font-semibold">{name}</span>
          <span className="font-figures text-[1.0625rem]">{headline}</span>
        </Link>
      ))}
    </nav>
  )
}
