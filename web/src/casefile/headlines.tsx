import { useQuery } from '@tanstack/react-query'
import { comparisonQuery } from '../api/answers'
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
  const { document, locale, words } = useOpenCase()
  const { answered } = useOption()
  const isCompared = answered.document.options.length > 1
  const { data } = useQuery({ ...comparisonQuery(answered.document), enabled: isCompared })
  const count = document.options.length
  if (count === 1) return 'one so far'
  const best = data?.document.options[data.comparison.cheapestThen[0] ?? -1]
  if (!data || !best) return `${count}`
  return `${count}, best: ${titleOf(baselineOf(data.document), best, locale, words)}`
}
