import { formatAmount } from '../format/amount'
import { formatMonth } from '../format/date'
import { Explained } from '../working/Explained'
import { useOpenCase } from './CaseContext'
import { useOption } from './OptionContext'
import { titleOf } from './differences'
import { baselineOf } from './option'

/** What the home costs a month. */
export function LoanHeadline() {
  const { housingCost } = useOption().figures
  return <Explained figure="HOUSING_COST">{`${formatAmount(housingCost.totalCents)} a month`}</Explained>
}

/** When the loan is paid off. */
export function LifelineHeadline() {
  const { locale } = useOpenCase()
  const { payoffDate } = useOption().figures
  return <Explained figure="PAYOFF_DATE">{`to ${formatMonth(payoffDate, locale)}`}</Explained>
}

/** How many options there are, and which costs least for as long as they keep it. */
export function OptionsHeadline() {
  const { document } = useOpenCase()
  const count = document.options.length
  return count === 1 ? 'one so far' : <BestOfOptions count={count} />
}

function BestOfOptions({ count }: { count: number }) {
  const { locale, words } = useOpenCase()
  const { answered, headlines } = useOption()
  const best = answered.document.options[headlines?.view.cheapestThen[0] ?? -1]
  if (!best) return `${count}`
  return `${count}, best: ${titleOf(baselineOf(answered.document), best, locale, words)}`
}
