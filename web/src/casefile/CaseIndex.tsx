import { formatAmount } from '../format/amount'
import { useOpenCase } from './CaseContext'

/** The case's views like the contents of a statement, each with its headline figure. */
export function CaseIndex() {
  const { figures } = useOpenCase()
  return (
    <nav
      aria-label="Views of the case"
      className="border-rule px-4 pt-4 mid:px-8 wide:border-r wide:px-0 wide:pt-7"
    >
      <a
        href="#loan"
        aria-current="page"
        className="border-act block border-l-4 pl-3 wide:pl-7"
        onClick={(event) => event.preventDefault()}
      >
        <span className="block text-[0.8125rem] font-semibold">Loan</span>
        <span className="font-figures text-[1.0625rem]">
          {formatAmount(figures.housingCost.totalCents)} a month
        </span>
      </a>
    </nav>
  )
}
