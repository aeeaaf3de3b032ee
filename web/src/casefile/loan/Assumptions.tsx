import { TextButton } from '../../ui/TextButton'
import type { OptionDocument } from '../../api/client'
import { formatAmount, formatEntry } from '../../format/amount'
import type { MarketWords } from '../../format/market'
import { formatPercent } from '../../format/percent'
import { Explained } from '../../working/Explained'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { COMPOUNDING_WORDS, ROUNDING_WORDS } from '../../format/conventions'
import { useOpenPanel } from '../../panel/panelStore'

/** What the figures rest on beside the sentence, in a line, and the way to change it. */
export function Assumptions() {
  const { words } = useOpenCase()
  const { option } = useOption()
  const open = useOpenPanel()
  return (
    <p className="text-soft -mt-1 mb-4 text-[0.8125rem] first-letter:uppercase">
      <Borrowed />
      {costsOf(option, words)}
      <span className="whitespace-nowrap">
        {conventionsOf(option)} <TextButton onClick={() => open({ kind: 'costs' })}>Change</TextButton>
      </span>
    </p>
  )
}

/** The amounts that follow from what the sentence says: of a share of the price, and of a premium on top of the loan. */
function Borrowed() {
  const { words } = useOpenCase()
  const { figures } = useOption()
  const { downCents, loanCents, baseLoanCents } = figures
  if (downCents === null && loanCents === baseLoanCents) return null
  return (
    <>
      {downCents !== null && (
        <>
          <Explained figure="DOWN_PAYMENT">{formatAmount(downCents)}</Explained> {words.down},{' '}
        </>
      )}
      loan <Explained figure="LOAN_AMOUNT">{formatAmount(loanCents)}</Explained>;{' '}
    </>
  )
}

function costsOf({ housing }: OptionDocument, words: MarketWords): string {
  const { propertyTax, mortgageInsurancePercent } = housing
  const costs = [
    propertyTax?.percent
      ? `${words.propertyTax.toLowerCase()} ${formatPercent(propertyTax.percent)}`
      : amount(words.propertyTax, propertyTax?.cents ?? null, 'a year'),
    amount('Home insurance', housing.homeInsuranceCents, 'a year'),
    mortgageInsurancePercent
      ? `${words.mortgageInsurance.toLowerCase()} ${formatPercent(mortgageInsurancePercent)}`
      : null,
    amount(words.dues, housing.duesCents, 'a month'),
    amount('Other', housing.otherCents, 'a month'),
  ].filter((cost) => cost !== null)
  return costs.length > 0 ? `${costs.join(', ')}; ` : ''
}

const conventionsOf = ({ terms: { compounding, rounding } }: OptionDocument) =>
  `interest compounds ${COMPOUNDING_WORDS[compounding]}` +
  `${rounding === 'UP_TO_CENT' ? `, payments are rounded ${ROUNDING_WORDS[rounding]}` : ''}.`

const amount = (name: string, cents: number | null, period: string) =>
  cents ? `${name.toLowerCase()} ${formatEntry(cents)} ${period}` : null
