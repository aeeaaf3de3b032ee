import { useAffordability } from './useAffordability'

/** Whether an option keeps to the limits that the case is looked at with; nothing while no income is known. */
export function FitsLimits({ option }: { option: { id: string } }) {
  const affordability = useAffordability()
  if (affordability === 'no sets' || affordability.value === null) return null
  const { document, view, sets, chosen } = affordability.value
  if (chosen.view.monthlyIncomeCents === 0) return null
  const place = document.options.findIndex(({ id }) => id === option.id)
  const fits = view.options[place]?.[sets.indexOf(chosen)]
  if (fits === undefined) return null
  return (
    <p className={`text-xs font-medium ${fits ? 'text-met' : 'text-over'}`}>
      <span aria-hidden>{fits ? '✓' : '⚠'} </span>
      {fits ? 'within' : 'not within'} {chosen.set.name}
    </p>
  )
}
