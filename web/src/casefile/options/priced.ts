import type { OptionDocument, PricedAtDocument } from '../../api/client'
import { formatPercent } from '../../format/percent'
import { pricedWords } from '../../practice/rates/tables'
import { itemOf } from '../closingItems'
import { withTerms, type OptionChange } from '../option'
import { withPoints } from './alternatives'

/** At a rate of a table, with the points that the table asks for the loan and the clients as they are. */
export const withOffer =
  (offer: PricedAtDocument): OptionChange =>
  (option) => ({
    ...withPoints(offer.pointsPercent)(withTerms({ ratePercent: offer.ratePercent })(option)),
    pricedAt: offer,
  })

/** What an option was priced for, while its points are still those; null where they are of its own. */
export function pricedAtOf(option: OptionDocument): PricedAtDocument | null {
  const points = itemOf(option, 'POINTS')?.amount.percent ?? 0
  const credit = itemOf(option, 'LENDER_CREDIT')?.amount.percent ?? 0
  return option.pricedAt?.pointsPercent === points - credit ? option.pricedAt : null
}

/** What the table asks now for what an option was priced for otherwise; null where that has not changed. */
export function repricing(was: PricedAtDocument, now: PricedAtDocument): string | null {
  if (was.pointsPercent === now.pointsPercent) return null
  return `Priced ${pricedFor(was, now)}; the table now asks ${asked(now.pointsPercent)}.`
}

/** What has changed since, as it was then: at 80 % of the value, for 6 %, without a score. */
function pricedFor(was: PricedAtDocument, now: PricedAtDocument): string {
  const changed = [
    was.ratePercent !== now.ratePercent && `for ${formatPercent(was.ratePercent)}`,
    was.loanToValuePercent !== now.loanToValuePercent && shareWords(was.loanToValuePercent),
    was.score !== now.score && (was.score === null ? 'without a score' : `for a score of ${was.score}`),
  ].filter((words) => words !== false)
  return changed.length > 0 ? changed.join(', ') : `for ${asked(was.pointsPercent)}`
}

const shareWords = (percent: number | null) =>
  percent === null ? 'without a value' : `at ${formatPercent(Number(percent.toFixed(3)))} of the value`

const asked = (points: number) => (points < 0 ? `for ${pricedWords(points)}` : pricedWords(points))
