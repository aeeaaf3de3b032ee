import { AnswerScope, AnswerStatus } from '../../answer/AnswerScope'
import { useAnswer } from '../../answer/useAnswer'
import { useState } from 'react'
import type { CreditWayView } from '../../api/client'
import { sellerCreditQuery } from '../../api/rates'
import { AmountField } from '../../field/AmountField'
import { formatAmount } from '../../format/amount'
import { AnswerButton } from '../../answer/AnswerButton'
import { useOption } from '../OptionContext'
import { creditChange, creditCost, creditWords, WAY_NAMES } from './creditWays'
import { PricingFields } from './PricingFields'
import { useTakePriced } from './useTakePriced'
import { usePricedFor } from './usePricedFor'
import { usePricing } from './usePricing'
import { usePanel } from '../../panel/panelStore'

const FIRST_CREDIT_CENTS = 8_000_00

/** A seller's credit as points, as a temporary buydown, or as a lower price. */
export function CreditWays() {
  const pricing = usePricing()
  const { answered } = useOption()
  const { add, room } = useTakePriced()
  const pricedFor = { ...usePricedFor(), tableId: pricing.view?.id ?? null }
  const close = usePanel((panel) => panel.close)
  const [creditCents, setCredit] = useState(FIRST_CREDIT_CENTS)
  const ways = useAnswer(sellerCreditQuery(answered, creditCents, pricing.pricing), answered.document)
  const open = ways.value?.flatMap((way) => creditChange(way, creditCents, pricedFor) ?? []) ?? []
  return (
    <>
      <div className="mt-3">
        <AmountField
          label="Seller credit"
          hint="amount"
          pointer="/pricing/creditCents"
          value={creditCents}
          take={(cents) => setCredit(cents ?? 0)}
        />
      </div>
      <PricingFields pricing={pricing} />
      <AnswerStatus of={ways} />
      <AnswerScope of={ways}>
        <ul className="mt-4" aria-label="Ways to use the credit">
          {ways.value?.map((way) => (
            <li key={way.way} className="border-rule border-b py-2.5">
              <Way
                way={way}
                isFull={room === 0}
                add={() => {
                  const change = creditChange(way, creditCents, pricedFor)
                  if (change) add([change], way.way === 'POINTS' ? pricing.pricedOn : null)
                  close()
                }}
              />
            </li>
          ))}
        </ul>
        {open.length > 1 && (
          <p className="mt-3">
            <button
              type="button"
              className="button"
              disabled={room < open.length || !ways.isCurrent}
              onClick={() => {
                add(open, pricing.pricedOn)
                close()
              }}
            >
              Add {open.length === 3 ? 'all three' : 'both'}
            </button>
            {room < open.length && (
              <span className="text-soft ml-3 text-xs">There is room for {room} more options.</span>
            )}
          </p>
        )}
      </AnswerScope>
    </>
  )
}

function Way({ way, isFull, add }: { way: CreditWayView; isFull: boolean; add: () => void }) {
  if (way.because.length > 0) {
    return (
      <>
        <p className="font-medium">{WAY_NAMES[way.way]}</p>
        {way.because.map(({ message }) => (
          <p key={message} className="text-soft text-[0.8125rem]">
            {message}
          </p>
        ))}
      </>
    )
  }
  return (
    <>
      <p className="font-figures text-lg">{creditWords(way)}</p>
      <p className="text-soft flex flex-wrap justify-between gap-x-4 text-xs">
        <span>
          {creditCost(way)}
          {way.figures && `; ${formatAmount(way.figures.housingCost.totalCents)} a month`}
        </span>
        <AnswerButton disabled={isFull} onClick={add}>
          Add as option<span className="sr-only">: {creditWords(way)}</span>
        </AnswerButton>
      </p>
    </>
  )
}
