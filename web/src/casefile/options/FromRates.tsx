import { useQuery } from '@tanstack/react-query'
import { rateOffersQuery } from '../../api/rates'
import { formatAmount } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { TextButton } from '../../ui/TextButton'
import { useOption } from '../OptionContext'
import { withTerms } from '../option'
import { pricedWords } from '../../practice/rates/tables'
import { withPoints } from './alternatives'
import { PricingFields } from './PricingFields'
import { useAddPriced } from './useAddPriced'
import { usePricing } from './usePricing'

/** The rates of a table with what they cost on this loan; each becomes an option by one action. */
export function FromRates() {
  const pricing = usePricing()
  const { answered } = useOption()
  const { add, room } = useAddPriced()
  const offers = useQuery(rateOffersQuery(answered, pricing.pricing))
  return (
    <>
      <PricingFields pricing={pricing} />
      {offers.error && <p className="field-problem">{offers.error.message}</p>}
      <ul className="mt-4" aria-label="Rates offered">
        {offers.data?.map(({ ratePercent, pointsPercent, costCents, paymentCents }) => (
          <li key={ratePercent} className="border-rule border-b py-2">
            <span className="font-figures text-lg">
              {formatPercent(ratePercent)} for {pricedWords(pointsPercent)}
            </span>
            <span className="text-soft flex flex-wrap justify-between gap-x-4 text-xs">
              <span>
                {costWords(costCents)}
                {paymentCents !== null && `${formatAmount(paymentCents)} each payment`}
              </span>
              <TextButton
                disabled={room === 0}
                onClick={() =>
                  add(
                    [(option) => withPoints(pointsPercent)(withTerms({ ratePercent })(option))],
                    pricing.pricedOn,
                  )
                }
              >
                Add as option<span className="sr-only"> at {formatPercent(ratePercent)}</span>
              </TextButton>
            </span>
          </li>
        ))}
      </ul>
      {room === 0 && <p className="text-soft mt-2 text-xs">A case holds six options at the most.</p>}
    </>
  )
}

const costWords = (cents: number) =>
  cents === 0 ? '' : cents < 0 ? `credit of ${formatAmount(-cents)}, ` : `${formatAmount(cents)} at closing, `
