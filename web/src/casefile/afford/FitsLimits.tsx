import type { OptionDocument } from '../../api/client'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { useChosenSet } from './useChosenSet'

/** Whether an option keeps to the limits that the case is looked at with; nothing while no income is known. */
export function FitsLimits({ option }: { option: OptionDocument }) {
  const { staleness } = useOpenCase()
  const { answered, headlines } = useOption()
  const chosen = useChosenSet()
  if (chosen === null || chosen === 'no sets') return null
  const { options } = answered.document
  const place = options.findIndex(({ id }) => id === option.id)
  const held = headlines?.view.options[place]?.sets[chosen.place]
  if (!held || held.monthlyIncomeCents === 0) return null
  // The answer is of what the option said before: its room stays.
  const isOutdated = staleness !== null && options[place] !== option
  return (
    <p
      className={`text-xs font-medium ${held.isMet ? 'text-met' : 'text-over'} ${isOutdated ? 'invisible' : ''}`}
    >
      <span aria-hidden>{held.isMet ? '✓' : '⚠'} </span>
      {held.isMet ? 'within' : 'not within'} {chosen.set.set.name}
    </p>
  )
}
