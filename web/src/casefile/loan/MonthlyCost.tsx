import { Ledger } from '../../ui/Ledger'
import { TextButton } from '../../ui/TextButton'
import { formatAmount, formatMoney } from '../../format/amount'
import { formatMonth } from '../../format/date'
import { Drawing } from '../../picture/Drawing'
import { Swatch } from '../../picture/Swatch'
import { Explained } from '../../working/Explained'
import { useOpenCase } from '../CaseContext'
import { estimateWords } from '../estimate/estimateWords'
import { useOption } from '../OptionContext'
import { purchaseOf } from '../option'
import { useOpenPanel } from '../../panel/panelStore'
import { partsMarks } from './monthMarks'
import { PARTS, type Part } from './parts'

const BAR_WIDTH = 300
const BAR_HEIGHT = 12

/** The monthly cost, whole and by its parts, and who pays what. */
export function MonthlyCost() {
  const { currency, locale, words } = useOpenCase()
  const { figures, option } = useOption()
  const open = useOpenPanel()
  const { housingCost: cost } = figures
  const { totalCents } = cost
  const parts = PARTS.filter((part) => cost[part.cents] > 0)
  return (
    <section aria-labelledby="month-heading">
      <div className="flex items-baseline justify-between">
        <h2 id="month-heading" className="heading">
          Monthly {purchaseOf(option) === null ? 'loan' : 'housing'} cost
        </h2>
        <TextButton
          onClick={() =>
            open({
              kind: 'target',
              text: `at most ${formatAmount(Math.floor(totalCents / 5000) * 5000)} a month`,
            })
          }
        >
          Set a target
        </TextButton>
      </div>
      <p className="font-figures mt-3 text-[3.5rem] leading-none tracking-[-0.02em]">
        <Explained figure="HOUSING_COST" testId="month-total">
          {formatMoney(totalCents, locale, currency)}
        </Explained>
      </p>
      <Drawing
        marks={partsMarks(cost, BAR_WIDTH, BAR_HEIGHT)}
        width={BAR_WIDTH}
        height={BAR_HEIGHT}
        className="mt-4 block h-3 w-full"
      />
      <Ledger className="mt-1">
        {parts.map((part) => (
          <div key={part.name}>
            <dt className="pl-5 -indent-5">
              <Swatch colour={part.colour} />
              {part.words(words)} <Note part={part} />
            </dt>
            <dd data-testid={`month-${part.name}`}>
              <Explained figure={part.figure}>{formatAmount(cost[part.cents])}</Explained>
            </dd>
          </div>
        ))}
      </Ledger>
      <WhoSends />
      <WithExtras />
    </section>
  )
}

/** How much of the month goes to the lender, and how much the clients pay themselves. */
function WhoSends() {
  const { figures } = useOption()
  const own = figures.housingCost.totalCents - figures.toLenderCents
  if (own === 0) return null
  return (
    <p className="text-soft mt-2 text-[0.8125rem]" data-testid="who-sends">
      <Explained figure="TO_LENDER">{formatAmount(figures.toLenderCents)}</Explained> to the lender,{' '}
      <Explained figure="PAID_BY_CLIENTS">{formatAmount(own)}</Explained> paid by the clients
    </p>
  )
}

/** What goes out with regular extras too. */
function WithExtras() {
  const { locale } = useOpenCase()
  const { regularExtras, firstPaymentDate } = useOption().figures
  if (!regularExtras) return null
  const { from, monthCents } = regularExtras
  return (
    <p className="text-soft mt-1 text-[0.8125rem]" data-testid="with-extras">
      <Explained figure="MONTH_WITH_EXTRAS">{formatAmount(monthCents)}</Explained> with the extra payments
      {from > firstPaymentDate && ` from ${formatMonth(from, locale)}`}
    </p>
  )
}

/** How often it is paid where that is not monthly, how long where that is not to the end, and what is an estimate. */
function Note({ part }: { part: Part }) {
  const { locale } = useOpenCase()
  const { figures, option } = useOption()
  const { propertyTaxEstimate, homeInsuranceEstimate } = option.housing
  const { paymentsPerYear, paymentCents, insurance } = figures
  if (part.cents === 'principalAndInterestCents' && paymentsPerYear !== 12) {
    return (
      <span className="note ml-0 indent-0">
        {paymentsPerYear} × {formatAmount(paymentCents)} ÷ 12
      </span>
    )
  }
  const estimate =
    part.cents === 'propertyTaxCents'
      ? propertyTaxEstimate
      : part.cents === 'homeInsuranceCents'
        ? homeInsuranceEstimate
        : null
  if (estimate) {
    return <span className="note ml-0 indent-0">{estimateWords(estimate)}</span>
  }
  if (part.cents !== 'mortgageInsuranceCents' || !insurance) return null
  return (
    <span className="note ml-0 indent-0">
      <Explained figure="INSURANCE_END">ends {formatMonth(insurance.endsFrom, locale)}</Explained>
      {insurance.onRequestFrom < insurance.endsFrom && (
        <>
          , on request{' '}
          <Explained figure="INSURANCE_ON_REQUEST">{formatMonth(insurance.onRequestFrom, locale)}</Explained>
        </>
      )}
    </span>
  )
}
