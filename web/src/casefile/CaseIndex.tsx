import { Link } from '@tanstack/react-router'
import { formatAmount } from '../format/amount'
import { formatMonth } from '../format/date'
import { Explained } from '../working/Explained'
import { useOpenCase } from './CaseContext'

/** The case's views like the contents of a statement, each with its headline figure. */
export function CaseIndex({ id }: { id: string }) {
  const { figures, locale } = useOpenCase()
  const entries = [
    {
      to: '/cases/$id',
      name: 'Loan',
      figure: 'HOUSING_COST',
      headline: `${formatAmount(figures.housingCost.totalCents)} a month`,
    },
    {
      to: '/cases/$id/lifeline',
      name: 'Lifeline',
      figure: 'PAYOFF_DATE',
      headline: `to ${formatMonth(figures.payoffDate, locale)}`,
    },
  ] as const
  return (
    <nav
      aria-label="Views of the case"
      className="border-rule flex gap-6 px-4 pt-4 mid:px-8 wide:block wide:border-r wide:px-0 wide:pt-7"
    >
      {entries.map(({ to, name, figure, headline }) => (
        <div key={name} className="index-entry">
          <Link to={to} params={{ id }} activeOptions={{ exact: true }} className="index-name">
            {name}
          </Link>
          <span className="font-figures text-[1.0625rem]">
            <Explained figure={figure}>{headline}</Explained>
          </span>
        </div>
      ))}
    </nav>
  )
}
