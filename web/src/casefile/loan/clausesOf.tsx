import type { ReactNode } from 'react'
import type { OptionDocument } from '../../api/client'
import { ExtraClause, ExtraEffectClause } from './ExtraClauses'
import {
  BuydownClause,
  ChosenPaymentClause,
  InterestOnlyClause,
  RateChangeClause,
  RateTermClause,
  ResidualClause,
  UpfrontPremiumClause,
} from './TermsClauses'

/** A part of the sentence, said with the punctuation behind its last figure, which never begins a line. */
export type Clause = { key: string; say: (after: string) => ReactNode }

/** The clauses that apply to an option, in the order in which they are said. */
export function clausesOf(option: OptionDocument): Clause[] {
  const { closing, buydown, extras, rateChanges } = option
  return [
    option.rateTermMonths !== null && clause('rate-term', (after) => <RateTermClause after={after} />),
    closing?.upfrontPremiumPercent != null &&
      clause('premium', (after) => <UpfrontPremiumClause after={after} />),
    option.interestOnlyPayments !== null &&
      clause('interest-only', (after) => <InterestOnlyClause after={after} />),
    option.chosenPaymentCents !== null && clause('chosen', (after) => <ChosenPaymentClause after={after} />),
    buydown !== null && clause('buydown', (after) => <BuydownClause buydown={buydown} after={after} />),
    ...rateChanges.map((change, index) =>
      clause(`rate-${index}`, (after) => <RateChangeClause change={change} index={index} after={after} />),
    ),
    ...extras.map((extra, index) =>
      clause(`extra-${index}`, (after) => <ExtraClause extra={extra} index={index} after={after} />),
    ),
    extras.length > 0 && clause('effect', (after) => <ExtraEffectClause after={after} />),
    option.residualCents !== null && clause('residual', (after) => <ResidualClause after={after} />),
  ].filter((each) => each !== false)
}

const clause = (key: string, say: Clause['say']): Clause => ({ key, say })
