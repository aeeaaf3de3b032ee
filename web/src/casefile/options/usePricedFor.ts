import type { PricedAtDocument } from '../../api/client'
import { useOption } from '../OptionContext'

/** What the points of a rate follow beside the rate itself. */
export type PricedFor = Pick<PricedAtDocument, 'loanToValuePercent' | 'score'>

/** The share of the value and the score that the option that is shown is priced for. */
export function usePricedFor(): PricedFor {
  const { answered, figures } = useOption()
  return { loanToValuePercent: figures.loanToValuePercent, score: answered.document.household.score }
}
