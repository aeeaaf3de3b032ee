import type { OptionView } from '../../api/client'
import { formatAmount } from '../../format/amount'
import { formatMonth } from '../../format/date'
import { useOpenCase } from '../CaseContext'

type Part = { name: string; cents: number; colour: string; note?: string | undefined }

/** What the house costs a month, whole and by its parts. */
export function MonthlyCost() {
  const { figures, option, currency, locale } = useOpenCase()
  const parts = partsOf(figures, locale).filter((part) => part.cents > 0)
  return (
    <section aria-labelledby="month-heading">
      <h2 id="month-heading" className="heading">
        What the {option.priceCents === null ? 'loan' : 'house'} costs a month
      </h2>
      <p className="font-figures mt-3 text-[3.5rem] leading-none tracking-[-0.02em]">
        <span data-testid="month-total">{formatAmount(figures.housingCost.totalCents)}</span>
        <span className="text-soft ml-2 align-baseline font-words text-sm tracking-normal">{currency}</span>
      </p>
      <div className="mt-4 flex h-3 gap-0.5" aria-hidden>
        {parts.map((part) => (
          <span key={part.name} style={{ flexGrow: part.cents, background: part.colour }} />
        ))}
      </div>
      <dl className="ledger mt-1">
        {parts.map((part) => (
          <div key={part.name}>
            <dt>
              <span
                className="mr-2.5 inline-block size-2.5"
                style={{ background: part.colour }}
                aria-hidden
              />
              {part.name}
              {part.note && <span className="note">{part.note}</span>}
            </dt>
            <dd data-testid={`month-${part.name}`}>{formatAmount(part.cents)}</dd>
          </div>
        ))}
      </dl>
    </section>
  )
}

function partsOf({ housingCost: cost, ...figures }: OptionView, locale: string): Part[] {
  const insuranceEnd = figures.insurance && `ends ${formatMonth(figures.insurance.endsFrom, locale)}`
  return [
    {
      name: 'Principal and interest',
      cents: cost.principalAndInterestCents,
      colour: 'var(--color-principal)',
      note:
        figures.paymentsPerYear === 12
          ? undefined
          : yearlyShare(figures.paymentsPerYear, figures.paymentCents),
    },
    { name: 'Property tax', cents: cost.propertyTaxCents, colour: 'var(--color-housing-1)' },
    { name: 'Home insurance', cents: cost.homeInsuranceCents, colour: 'var(--color-housing-2)' },
    {
      name: 'Mortgage insurance',
      cents: cost.mortgageInsuranceCents,
      colour: 'var(--color-housing-3)',
      note: insuranceEnd ?? undefined,
    },
    { name: 'Dues', cents: cost.duesCents, colour: 'var(--color-housing-4)' },
    { name: 'Other', cents: cost.otherCents, colour: 'var(--color-housing-5)' },
  ]
}

/** How a payment that is not monthly comes to a month's cost. */
const yearlyShare = (paymentsPerYear: number, paymentCents: number) =>
  `${paymentsPerYear} × ${formatAmount(paymentCents)} ÷ 12`
