import { formatAmount } from '../format/amount'
import { formatDay } from '../format/date'
import { useOpenCase } from './CaseContext'
import { useOption } from './OptionContext'
import { Spoken } from './Spoken'

/** What the shown option comes to, for those who do not see it. */
export function SpokenAnswer() {
  const { locale, staleness } = useOpenCase()
  const { housingCost, payoffDate } = useOption().figures
  const answer = `${formatAmount(housingCost.totalCents)} a month, paid off ${formatDay(payoffDate, locale)}`
  return <Spoken answer={answer} isCurrent={staleness === null} />
}
