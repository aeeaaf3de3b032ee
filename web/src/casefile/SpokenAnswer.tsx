import { useEffect, useState } from 'react'
import { formatAmount } from '../format/amount'
import { formatDay } from '../format/date'
import { useOpenCase } from './CaseContext'
import { useOption } from './OptionContext'

/** Spoken at each key press, the figures would drown what is typed. */
const AFTER_TYPING_MS = 800

/** Says the new answer to those who do not see it, once the typing rests. */
export function SpokenAnswer() {
  const { locale, staleness } = useOpenCase()
  const { housingCost, payoffDate } = useOption().figures
  const answer = `${formatAmount(housingCost.totalCents)} a month, paid off ${formatDay(payoffDate, locale)}`
  const [known, setKnown] = useState(answer)
  const isNew = answer !== known && staleness === null
  useEffect(() => {
    if (!isNew) return
    const rest = setTimeout(() => setKnown(answer), AFTER_TYPING_MS)
    return () => clearTimeout(rest)
  }, [isNew, answer])
  const [first] = useState(answer)
  return (
    <p aria-live="polite" className="sr-only" data-testid="spoken">
      {known === first ? '' : known}
    </p>
  )
}
