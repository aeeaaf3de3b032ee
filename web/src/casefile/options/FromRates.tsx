import { AnswerScope, AnswerStatus } from '../../answer/AnswerScope'
import { useAnswer } from '../../answer/useAnswer'
import { rateOffersQuery } from '../../api/rates'
import { formatAmount } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { AnswerButton } from '../../answer/AnswerButton'
import { useOption } from '../OptionContext'
import { pricedWords } from '../../practice/rates/tables'
import { CountedAddOns } from './CountedAddOns'
import { withOffer } from './priced'
import { PricingFields } from './PricingFields'
import { useTakePriced } from './useTakePriced'
import { usePricedFor } from './usePricedFor'
import { usePricing } from './usePricing'
import { usePanel } from '../../panel/panelStore'

/** The rates of a table with what they cost on this loan; each becomes an option by one action. */
export function FromRates() {
  const pricing = usePricing()
  const { answered } = useOption()
  const pricedFor = usePricedFor()
  const tableId = pricing.view?.id ?? null
  const close = usePanel((panel) => panel.close)
  const { add, room } = useTakePriced()
  const offers = useAnswer(rateOffersQuery(answered, pricing.pricing), answered.document)
  return (
    <>
      <PricingFields pricing={pricing} />
      {pricing.view && <AnswerStatus of={offers} />}
      <AnswerScope of={offers}>
        {pricing.view && offers.value && (
          <CountedAddOns
            addOns={pricing.view.table.addOns.filter((_, i) => offers.value?.addOns.includes(i))}
          />
        )}
        <ul className="mt-4" aria-label="Rates offered">
          {offers.value?.offers.map(({ ratePercent, pointsPercent, costCents, paymentCents }) => (
            <li key={ratePercent} className="border-rule border-b py-2">
              <span className="font-figures text-lg">
                {formatPercent(ratePercent)} for {pricedWords(pointsPercent)}
              </span>
              <span className="text-soft flex flex-wrap justify-between gap-x-4 text-xs">
                <span>
                  {costWords(costCents)}
                  {paymentCents !== null && `${formatAmount(paymentCents)} each payment`}
                </span>
                <AnswerButton
                  disabled={room === 0}
                  onClick={() => {
                    add([withOffer({ tableId, ratePercent, pointsPercent, ...pricedFor })], pricing.pricedOn)
                    close()
                  }}
                >
                  Add as option<span className="sr-only"> at {formatPercent(ratePercent)}</span>
                </AnswerButton>
              </span>
            </li>
          ))}
        </ul>
      </AnswerScope>
      {room === 0 && <p className="text-soft mt-2 text-xs">A case holds six options at the most.</p>}
    </>
  )
}

const costWords = (cents: number) =>
  cents === 0 ? '' : cents < 0 ? `credit of ${formatAmount(-cents)}, ` : `${formatAmount(cents)} at closing, `
