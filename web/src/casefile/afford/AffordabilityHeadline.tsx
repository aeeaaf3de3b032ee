import { shortWords } from './readingWords'
import { useAffordability } from './useAffordability'

/** What decides, of what the chosen limits allow. */
export function AffordabilityHeadline() {
  const affordability = useAffordability()
  if (affordability === 'no sets') return 'no limits yet'
  if (affordability.value === null) return ''
  const { view } = affordability.value.chosen
  const deciding = view.binding === null ? undefined : view.readings[view.binding]
  if (view.monthlyIncomeCents === 0) return 'no income yet'
  if (!deciding) return ''
  return <span className={deciding.isMet ? undefined : 'text-over'}>{shortWords(deciding)}</span>
}
