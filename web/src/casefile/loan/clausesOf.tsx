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
export type Clause = {
  /** Where it lies in the option. */
  pointer: string
  say: (after: string) => ReactNode
}

/** The clauses that apply to an option, in the order in which they are said. */
export function clausesOf(option: OptionDocument): Clause[] {
  const { closing, buydown, extras, rateChanges } = option
  return [
    option.rateTermMonths !== null && clause('/rateTermMonths', (after) => <RateTermClause after={after} />),
    closing?.upfrontPremiumPercent != null &&
      clause('/closing/upfrontPremiumPercent', (after) => <UpfrontPremiumClause after={after} />),
    option.interestOnlyPayments !== null &&
      clause('/interestOnlyPayments', (after) => <InterestOnlyClause after={after} />),
    option.chosenPaymentCents !== null &&
      clause('/chosenPaymentCents', (after) => <ChosenPaymentClause after={after} />),
    buydown !== null && clause('/buydown', (after) => <BuydownClause buydown={buydown} after={after} />),
    ...rateChanges.map((change, index) =>
      clause(`/rateChanges/${index}`, (after) => (
        <RateChangeClause change={change} index={index} after={after} />
      )),
    ),
    ...extras.map((extra, index) =>
      clause(`/extras/${index}`, (after) => <ExtraClause extra={extra} index={index} after={after} />),
    ),
    extras.length > 0 && clause('/extraEffect', (after) => <ExtraEffectClause after={after} />),
    option.residualCents !== null && clause('/residualCents', (after) => <ResidualClause after={after} />),
  ].filter((each) => each !== false)
}

const clause = (pointer: string, say: Clause['say']): Clause => ({ pointer, say })
