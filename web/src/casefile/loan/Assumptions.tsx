import type { OptionDocument } from '../../api/client'
import { formatEntry } from '../../format/amount'
import type { MarketWords } from '../../format/market'
import { formatPercent } from '../../format/percent'
import { useOpenCase } from '../CaseContext'
import { COMPOUNDING_WORDS, ROUNDING_WORDS } from '../words'
import { useCostsDrawer } from './costsDrawer'

/** What the figures rest on beside the sentence, in a line, and the way to change it. */
export function Assumptions() {
  const { option, words } = useOpenCase()
  const open = useCostsDrawer((drawer) => drawer.open)
  return (
    <p className="text-soft -mt-1 mb-4 text-[0.8125rem]">
      {assumptionsOf(option, words)}{' '}
      <button type="button" className="text-act font-semibold hover:underline" onClick={open}>
        Change
      </button>
    </p>
  )
}

function assumptionsOf({ housing, compounding, rounding }: OptionDocument, words: MarketWords): string {
  const { propertyTaxPercent, propertyTaxCents, mortgageInsurancePercent } = housing
  const costs = [
    propertyTaxPercent
      ? `${words.propertyTax.toLowerCase()} ${formatPercent(propertyTaxPercent)}`
      : amount(words.propertyTax, propertyTaxCents, 'a year'),
    amount('Home insurance', housing.homeInsuranceCents, 'a year'),
    mortgageInsurancePercent
      ? `${words.mortgageInsurance.toLowerCase()} ${formatPercent(mortgageInsurancePercent)}`
      : null,
    amount(words.dues, housing.duesCents, 'a month'),
    amount('Other', housing.otherCents, 'a month'),
  ].filter((cost) => cost !== null)
  const conventions = [`interest compounds ${COMPOUNDING_WORDS[compounding]}`]
  if (rounding === 'UP_TO_CENT') conventions.push(`payments are rounded ${ROUNDING_WORDS[rounding]}`)
  return `${costs.length > 0 ? `With ${costs.join(', ')}; ` : ''}${conventions.join(', ')}.`
}

const amount = (name: string, cents: number | null, period: string) =>
  cents ? `${name.toLowerCase()} ${formatEntry(cents)} ${period}` : null
