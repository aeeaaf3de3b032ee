import type { OptionView } from '../../api/client'
import { formatAmount, formatMoney } from '../../format/amount'
import { formatMonth } from '../../format/date'
import type { MarketWords } from '../../format/market'
import { Explained } from '../../working/Explained'
import type { FigureName } from '../../working/words'
import { useOpenCase } from '../CaseContext'
import { useWishPanel } from '../wish/wishPanel'

type Part = {
  name: string
  words: string
  cents: number
  colour: string
  figure?: FigureName
  note?: string | undefined
}

/** What the house costs a month, whole and by its parts, and who sends what. */
export function MonthlyCost() {
  const { figures, option, currency, locale, words } = useOpenCase()
  const wish = useWishPanel((panel) => panel.open)
  const parts = partsOf(figures, words, locale).filter((part) => part.cents > 0)
  const { totalCents } = figures.housingCost
  return (
    <section aria-labelledby="month-heading">
      <div className="flex items-baseline justify-between">
        <h2 id="month-heading" className="heading">
          What the {option.priceCents === null ? 'loan' : 'house'} costs a month
        </h2>
        <button
          type="button"
          className="text-act font-semibold hover:underline"
          onClick={() => wish(`at most ${formatAmount(Math.floor(totalCents / 5000) * 5000)} a month`)}
        >
          At most…
        </button>
      </div>
      <p className="font-figures mt-3 text-[3.5rem] leading-none tracking-[-0.02em]">
        <Explained figure="HOUSING_COST" testId="month-total">
          {formatMoney(totalCents, locale, currency)}
        </Explained>
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
              {part.words}
              {part.note && <span className="note">{part.note}</span>}
            </dt>
            <dd data-testid={`month-${part.name}`}>
              {part.figure ? (
                <Explained figure={part.figure}>{formatAmount(part.cents)}</Explained>
              ) : (
                formatAmount(part.cents)
              )}
            </dd>
          </div>
        ))}
      </dl>
      <WhoSends />
    </section>
  )
}

/** How much of the month goes to the lender, and how much the clients send in themselves. */
function WhoSends() {
  const { figures } = useOpenCase()
  const own = figures.housingCost.totalCents - figures.toLenderCents
  if (own === 0) return null
  return (
    <p className="text-soft mt-2 text-[0.8125rem]" data-testid="who-sends">
      {formatAmount(figures.toLenderCents)} to the lender, {formatAmount(own)} sent in by the clients
      themselves
    </p>
  )
}

function partsOf({ housingCost: cost, ...figures }: OptionView, words: MarketWords, locale: string): Part[] {
  return [
    {
      name: 'Principal and interest',
      words: 'Principal and interest',
      cents: cost.principalAndInterestCents,
      colour: 'var(--color-principal)',
      figure: 'PRINCIPAL_AND_INTEREST',
      note:
        figures.paymentsPerYear === 12
          ? undefined
          : `${figures.paymentsPerYear} × ${formatAmount(figures.paymentCents)} ÷ 12`,
    },
    {
      name: 'Property tax',
      words: words.propertyTax,
      cents: cost.propertyTaxCents,
      colour: 'var(--color-housing-1)',
      figure: 'PROPERTY_TAX',
    },
    {
      name: 'Home insurance',
      words: 'Home insurance',
      cents: cost.homeInsuranceCents,
      colour: 'var(--color-housing-2)',
      figure: 'HOME_INSURANCE',
    },
    {
      name: 'Mortgage insurance',
      words: words.mortgageInsurance,
      cents: cost.mortgageInsuranceCents,
      colour: 'var(--color-housing-3)',
      figure: 'MORTGAGE_INSURANCE',
      note: figures.insurance ? `ends ${formatMonth(figures.insurance.endsFrom, locale)}` : undefined,
    },
    { name: 'Dues', words: words.dues, cents: cost.duesCents, colour: 'var(--color-housing-4)' },
    { name: 'Other', words: 'Other', cents: cost.otherCents, colour: 'var(--color-housing-5)' },
  ]
}
