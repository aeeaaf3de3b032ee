import type { OptionDocument } from '../../api/client'
import { formatAmount } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { useOpenCase } from '../CaseContext'
import { COMPOUNDING_WORDS, ROUNDING_WORDS } from '../words'
import { useCostsDrawer } from './costsDrawer'

/** What the figures rest on beside the sentence, and the way to change it. */
export function TakenIntoAccount() {
  const { option } = useOpenCase()
  const open = useCostsDrawer((drawer) => drawer.open)
  return (
    <section aria-labelledby="account-heading">
      <div className="flex items-baseline justify-between">
        <h2 id="account-heading" className="heading">
          Taken into account
        </h2>
        <button type="button" className="text-act font-semibold hover:underline" onClick={open}>
          Change
        </button>
      </div>
      <dl className="ledger ledger-words mt-1">
        {assumptionsOf(option).map(([name, text]) => (
          <div key={name}>
            <dt>{name}</dt>
            <dd>{text}</dd>
          </div>
        ))}
      </dl>
    </section>
  )
}

function assumptionsOf({ housing, compounding, rounding }: OptionDocument): [string, string][] {
  return [
    ['Property tax', taxWords(housing)],
    ['Home insurance', amountWords(housing.homeInsuranceCents, 'a year')],
    [
      'Mortgage insurance',
      housing.mortgageInsurancePercent
        ? `${formatPercent(housing.mortgageInsurancePercent)} of the loan`
        : 'none',
    ],
    ['Association dues', amountWords(housing.duesCents, 'a month')],
    ['Other', amountWords(housing.otherCents, 'a month')],
    ['Interest compounds', COMPOUNDING_WORDS[compounding]],
    ['Payment is rounded', ROUNDING_WORDS[rounding]],
  ]
}

const amountWords = (cents: number | null, period: string) =>
  cents ? `${formatAmount(cents)} ${period}` : 'none'

const taxWords = ({ propertyTaxPercent, propertyTaxCents }: OptionDocument['housing']) =>
  propertyTaxPercent
    ? `${formatPercent(propertyTaxPercent)} of the price`
    : amountWords(propertyTaxCents, 'a year')
