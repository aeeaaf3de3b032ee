import type { ReactNode } from 'react'
import type { OptionDocument } from '../../api/client'
import { ExtraClause, ExtraEffectClause } from './ExtraClauses'
import { PaymentStepClause, RateChangeClause } from './LaterClauses'
import {
  BalloonClause,
  BuydownClause,
  CustomPaymentClause,
  InterestOnlyClause,
  RateTermClause,
  UpfrontPremiumClause,
} from './TermsClauses'

/** A part of the sentence, said with the punctuation behind its last figure, which never begins a line. */
export type Clause = {
  /** Where it lies in the option. */
  pointer: string
  say: (after: string) => ReactNode
}

/** The clauses that apply to an option, in the order in which they are said. */
export function clausesOf(option: OptionDocument): Clause[] {
  const { terms, features, closing } = option
  const { buydown, extras, paymentSteps, rateChanges } = features
  const premium = closing.upfrontPremium
  return [
    terms.rateTermMonths !== null &&
      clause('/terms/rateTermMonths', (after) => <RateTermClause after={after} />),
    premium !== null &&
      clause('/closing/upfrontPremium', (after) => <UpfrontPremiumClause premium={premium} after={after} />),
    features.interestOnlyPayments !== null &&
      clause('/features/interestOnlyPayments', (after) => <InterestOnlyClause after={after} />),
    features.paymentCents !== null &&
      clause('/features/paymentCents', (after) => <CustomPaymentClause after={after} />),
    ...paymentSteps.map((step) =>
      clause(`/features/paymentSteps/${step.id}`, (after) => <PaymentStepClause step={step} after={after} />),
    ),
    buydown !== null &&
      clause('/features/buydown', (after) => <BuydownClause buydown={buydown} after={after} />),
    ...rateChanges.map((change) =>
      clause(`/features/rateChanges/${change.id}`, (after) => (
        <RateChangeClause rateChange={change} after={after} />
      )),
    ),
    ...extras.map((extra) =>
      clause(`/features/extras/${extra.id}`, (after) => <ExtraClause extra={extra} after={after} />),
    ),
    extras.length > 0 && clause('/features/extraEffect', (after) => <ExtraEffectClause after={after} />),
    features.balloonCents !== null &&
      clause('/features/balloonCents', (after) => <BalloonClause after={after} />),
  ].filter((each) => each !== false)
}

const clause = (pointer: string, say: Clause['say']): Clause => ({ pointer, say })
