import type { AddOnDocument, OfferDocument, RateTableDocument } from '../../api/client'
import { newId } from '../../casefile/newId'
import { formatDay } from '../../format/date'
import { pageLocale } from '../../format/pageLocale'
import { formatPercent } from '../../format/percent'
import { formatPoints } from '../../format/points'
import { formatTerm } from '../../format/term'

/** A table to begin with, for today's rates of a usual term. */
export const newTable = (today: string): RateTableDocument => ({
  name: '30-year fixed',
  termMonths: 360,
  day: today,
  simulated: false,
  offers: [{ id: newId(), ratePercent: 6, pointsPercent: 0 }],
  addOns: [],
})

const STEP_PERCENT = 0.125

/** The offer below another: an eighth lower, for as many points. */
export const nextOffer = (above: OfferDocument | undefined): OfferDocument => ({
  id: newId(),
  ratePercent: Math.max(0, (above?.ratePercent ?? 6) - STEP_PERCENT),
  pointsPercent: above?.pointsPercent ?? 0,
})

/** The add-on below another: the same for loans of a larger share. */
export const nextAddOn = (above: AddOnDocument | undefined): AddOnDocument => ({
  id: newId(),
  aboveLoanToValuePercent: above?.upToLoanToValuePercent ?? 80,
  upToLoanToValuePercent: Math.min(100, (above?.upToLoanToValuePercent ?? 80) + 10),
  leastScore: above?.leastScore ?? 0,
  mostScore: above?.mostScore ?? 999,
  pointsPercent: above?.pointsPercent ?? 0.25,
})

/** 1 point, a credit of 0.75 %, no points. */
export function pricedWords(pointsPercent: number): string {
  if (pointsPercent === 0) return 'no points'
  return pointsPercent < 0 ? `a credit of ${formatPercent(-pointsPercent)}` : formatPoints(pointsPercent)
}

/** How many rates, from the lowest to the highest. */
export function offersWords({ offers }: RateTableDocument): string {
  const rates = offers.map(({ ratePercent }) => ratePercent)
  return rates.length === 1
    ? `1 rate, ${formatPercent(rates[0] ?? 0)}`
    : `${rates.length} rates from ${formatPercent(Math.min(...rates))} to ${formatPercent(Math.max(...rates))}`
}

const STALE_AFTER_DAYS = 7
const DAY_MS = 86_400_000

/** How many days old a table's rates are. */
export const daysOld = (day: string, today: string) =>
  Math.round((Date.parse(today) - Date.parse(day)) / DAY_MS)

/** Whether rates of a day are too old to price on. */
export const isStale = (day: string, today: string) => daysOld(day, today) > STALE_AFTER_DAYS

/** An offer in few words: 6.125 %, 1 point. */
export const offerWords = ({ ratePercent, pointsPercent }: OfferDocument) =>
  `${formatPercent(ratePercent)}, ${formatPoints(pointsPercent)}`

/** An add-on in few words. */
export const addOnWords = ({ upToLoanToValuePercent, leastScore, mostScore, pointsPercent }: AddOnDocument) =>
  `up to ${formatPercent(upToLoanToValuePercent)}, score ${leastScore} to ${mostScore}, ${formatPoints(pointsPercent)}`

/** What a table offers, line by line. */
export const offerLines = ({ offers, addOns }: RateTableDocument): string[] => [
  ...offers.map(offerWords),
  ...addOns.map((addOn) => `added: ${addOnWords(addOn)}`),
]

/** All that a table says, line by line. */
export const tableLines = (table: RateTableDocument): string[] => [
  table.name,
  `${formatTerm(table.termMonths)}, of ${formatDay(table.day, pageLocale())}`,
  ...offerLines(table),
]
