import { useOption } from '../OptionContext'
import { shortWords } from './readingWords'
import { useChosenSet } from './useChosenSet'

/** What decides, of what the chosen limits allow. */
export function AffordabilityHeadline() {
  const { answered, headlines } = useOption()
  const chosen = useChosenSet()
  if (chosen === 'no sets') return 'no limits yet'
  const held = headlines?.view.options[answered.index]?.sets[chosen?.place ?? -1]
  if (!held) return ''
  if (held.monthlyIncomeCents === 0) return 'no income yet'
  if (held.deciding === null) return ''
  return <span className={held.deciding.isMet ? undefined : 'text-over'}>{shortWords(held.deciding)}</span>
}
