import type { OptionDocument, PricedAtDocument, PricedOnDocument, RateTableView } from '../../api/client'
import { formatPercent } from '../../format/percent'
import { pricedWords } from '../../practice/rates/tables'
import { itemOf } from '../closingItems'
import { withTerms, type OptionChange } from '../option'
import { withPoints } from './alternatives'

const RATE_DECIMALS = 6

/** With the points that a table asks for its rate, the loan and the clients being as they are. */
export const pricedAs =
  (offer: PricedAtDocument): OptionChange =>
  (option) => ({ ...withPoints(offer.pointsPercent)(option), pricedAt: offer })

/** At a rate of a table, with the points that it asks. */
export const withOffer =
  (offer: PricedAtDocument): OptionChange =>
  (option) =>
    pricedAs(offer)(withTerms({ ratePercent: offer.ratePercent, lettingAddOnPercent: null })(option))

/** The rate that is looked for in a table: what a letting programme adds is not of the table. */
export const tableRateOf = ({ terms }: OptionDocument): number =>
  Number((terms.ratePercent - (terms.lettingAddOnPercent ?? 0)).toFixed(RATE_DECIMALS))

/** What the case keeps of the table that it was priced on. */
export const pricedOnOf = ({ id, table }: RateTableView, score: number | null): PricedOnDocument => ({
  tableId: id,
  name: table.name,
  day: table.day,
  simulated: table.simulated,
  score,
})

/** The table that an option is priced on again: its own, else the case's; none where that is for another term, or gone. */
export function pricedTableOf(
  { pricedAt, terms }: OptionDocument,
  pricedOn: PricedOnDocument | null,
  tables: readonly RateTableView[],
): RateTableView | null {
  const wanted = pricedAt?.tableId ?? pricedOn?.tableId
  return (
    tables.find(({ id, table }) => id === wanted && table.termMonths === terms.amortizationMonths) ?? null
  )
}

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
