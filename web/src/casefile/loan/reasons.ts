import type { HousingCostView } from '../../api/client'
import type { MarketWords } from '../../format/market'

/** Why a month costs something else than before, in a few words. */
export function reasonsOf(before: HousingCostView, after: HousingCostView, words: MarketWords): string {
  const reasons = []
  if (before.mortgageInsuranceCents > 0 && after.mortgageInsuranceCents === 0) {
    reasons.push(`${words.mortgageInsurance.toLowerCase()} ends`)
  }
  const step = after.principalAndInterestCents - before.principalAndInterestCents
  if (step !== 0) reasons.push(step > 0 ? 'the payment steps up' : 'the payment steps down')
  return reasons.join(' and ')
}
