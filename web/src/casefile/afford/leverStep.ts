import type { LeverView, OptionDocument, OptionView } from '../../api/client'
import { formatEntry } from '../../format/amount'
import type { MarketWords } from '../../format/market'
import { formatPercent, formatRatio } from '../../format/percent'
import { formatPoints } from '../../format/points'
import { formatTerm } from '../../format/term'
import { atLevelPayment, withDownPercent, withLoan, withPurchase, withTerms } from '../option'
import type { Way } from './way'

const MONTHS_A_YEAR = 12
const SHARE_DECIMALS = 2
const UNIT_CENTS = 100
const EIGHTHS = 8

export type Lever = LeverView['lever']

/** Where a lever starts from; `fits` tells whether the option does without it. */
type Start = { option: OptionDocument; figures: OptionView; words: MarketWords; fits: boolean }

/** A lever taken to a step, in percent, units of the currency or years: its words, its size, and the change that it is. */
export function leverStep(
  lever: Lever,
  value: number,
  { option, figures, words, fits }: Start,
): Omit<Way, 'note'> {
  const instead = fits ? '' : ' instead of '
  const cents = value * UNIT_CENTS
  switch (lever) {
    case 'RATE':
      return {
        key: lever,
        words: [fits ? 'A rate of up to' : 'A rate of', formatPercent(value), fits ? '' : 'or less'],
        size: distance(value, option.terms.ratePercent),
        change: (from) => withTerms({ ratePercent: value })(atLevelPayment(from)),
      }
    case 'LOAN':
      return {
        key: lever,
        words: [
          fits ? 'A loan of up to' : 'A loan of',
          formatEntry(cents),
          `${instead}${fits ? '' : formatEntry(figures.baseLoanCents)}`.trim(),
        ],
        size: distance(cents, figures.baseLoanCents),
        change: (from) => withLoan(cents)(atLevelPayment(from)),
      }
    case 'PRICE_KEEPING_AMOUNT':
    case 'PRICE_KEEPING_SHARE': {
      const keepsAmount = lever === 'PRICE_KEEPING_AMOUNT'
      const price = option.financing.kind === 'PURCHASE' ? option.financing.priceCents : cents
      const downPercent = figures.downPercent ?? 0
      const kept = keepsAmount
        ? `${formatEntry(price - figures.baseLoanCents)} ${words.down} kept`
        : `${formatRatio(downPercent, SHARE_DECIMALS)} ${words.down} kept`
      return {
        key: lever,
        words: [fits ? 'A price of up to' : 'A price of', formatEntry(cents), `with ${kept}`],
        size: distance(cents, price),
        change: (from) =>
          keepsAmount
            ? withPurchase({
                priceCents: cents,
                down: { cents: price - figures.baseLoanCents, percent: null },
              })(atLevelPayment(from))
            : withDownPercent(downPercent)(withPurchase({ priceCents: cents })(atLevelPayment(from))),
      }
    }
    case 'TERM': {
      const own = option.terms.amortizationMonths
      const months = value * MONTHS_A_YEAR
      return {
        key: lever,
        words: ['Over', formatTerm(months), fits ? 'or longer' : `instead of ${formatTerm(own)}`],
        size: distance(months, own),
        change: (from) =>
          withTerms({
            amortizationMonths: months,
            rateTermMonths:
              from.terms.rateTermMonths === null ? null : Math.min(months, from.terms.rateTermMonths),
          })(atLevelPayment(from)),
      }
    }
  }
}

const NAMES: Record<Lever, string> = {
  RATE: 'A lower rate',
  LOAN: 'A smaller loan',
  PRICE_KEEPING_AMOUNT: 'A lower price with the same money down',
  PRICE_KEEPING_SHARE: 'A lower price with the same share down',
  TERM: 'A longer term',
}

/** What a lever is called where it can do nothing. */
export const leverName = (lever: Lever, words: MarketWords) => NAMES[lever].replace('down', words.down)

/** The key of the smallest change; none where only one can do it. Ways keep their order, so that no row moves from under a press. */
export function smallestOf(ways: readonly Way[]): string | undefined {
  const changes = ways.filter(({ size }) => Number.isFinite(size))
  return changes.length < 2
    ? undefined
    : changes.reduce((one, other) => (other.size < one.size ? other : one)).key
}

type Offer = { ratePercent: number; pointsPercent: number }

/** How the highest rate can be had: the next eighth below it, and the highest rate on offer with its points. */
export function rateNote(percent: number, offers: readonly Offer[]): string {
  const offer = offers.filter(({ ratePercent }) => ratePercent <= percent).at(-1)
  return [eighthNote(percent, offer?.ratePercent), offer ? offerNote(offer) : '']
    .filter((each) => each !== '')
    .join('; ')
}

/** The next eighth below a rate, unless it is one itself or is on offer anyhow. */
function eighthNote(percent: number, offered: number | undefined): string {
  const eighth = Math.floor(percent * EIGHTHS) / EIGHTHS
  return eighth === percent || eighth === offered ? '' : `in eighths ${formatPercent(eighth)}`
}

const offerNote = ({ ratePercent, pointsPercent }: Offer) =>
  `on offer: ${formatPercent(ratePercent)}, ${pointsWords(pointsPercent)}`

/** What a rate on offer takes: for 0.5 points. */
export const pointsWords = (percent: number) =>
  percent === 0
    ? 'without points'
    : percent < 0
      ? `with ${formatPoints(-percent)} credited`
      : `for ${formatPoints(percent)}`

const distance = (to: number, from: number) => (from === 0 ? Infinity : Math.abs(to - from) / from)
