import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { estimateWords } from './estimateWords'

/** Which of the home's costs are estimates, where they are counted; nothing where none is. */
export function EstimatedCosts() {
  const { words } = useOpenCase()
  const { propertyTaxEstimate, homeInsuranceEstimate } = useOption().option.housing
  const estimated = [
    { name: words.propertyTax, estimate: propertyTaxEstimate },
    { name: 'Home insurance', estimate: homeInsuranceEstimate },
  ].flatMap(({ name, estimate }) => (estimate ? [`${name}: ${estimateWords(estimate)}`] : []))
  if (estimated.length === 0) return null
  return (
    <p className="text-soft mt-1 text-xs" data-testid="estimated-costs">
      {estimated.join('; ')}.
    </p>
  )
}
