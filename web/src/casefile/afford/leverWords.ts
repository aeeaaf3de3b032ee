import type { FitView, LeverView, OptionDocument, OptionView, ReadingView } from '../../api/client'
import { formatAmount, formatDifference, formatEntry } from '../../format/amount'
import type { MarketWords } from '../../format/market'
import { formatPercent, formatRatio } from '../../format/percent'
import { formatPoints } from '../../format/points'
import { formatTerm } from '../../format/term'
import { atLevelPayment, withDownPercent, withLoan, withPurchase, withTerms } from '../option'
import type { Way } from './way'

const MONTHS_A_YEAR = 12
const SHARE_DECIMALS = 2
const UNIT_CENTS = 100

type Start = { option: OptionDocument; figures: OptionView; words: MarketWords; fit: FitView; fits: boolean }

/** Whether a loan meets every test that a loan can meet: score and reserves it cannot, nor what cannot be told. */
export const loanFits = (readings: readonly ReadingView[]) =>
  readings.every(
    ({ measure, isMet, unknown }) =>
      isMet || unknown !== null || measure === 'RESERVES' || measure === 'SCORE',
  )

/** What each lever of the loan can do by itself, the smallest change first; what cannot do it alone stands last. */
export function waysOf(start: Start): Way[] {
  return start.fit.levers.map((lever) => wayOf(lever, start)).sort((one, other) => one.size - other.size)
}

function wayOf(lever: LeverView, { option, figures, words, fit, fits }: Start): Way {
  const { value } = lever
  if (value === null) return short(lever, words)
  const instead = fits ? '' : ' instead of '
  const cents = value * UNIT_CENTS
  switch (lever.lever) {
    case 'RATE': {
      const own = option.terms.ratePercent
      const offer = fit.loansByRate.filter(({ ratePercent }) => ratePercent <= value).at(-1)
      return {
        key: 'RATE',
        words: [fits ? 'A rate of up to' : 'A rate of', formatPercent(value), fits ? '' : 'or less'],
        note: fits
          ? ''
          : [eighthNote(value, offer?.ratePercent), offer ? offerNote(offer) : '']
              .filter((each) => each !== '')
              .join('; '),
        size: distance(value, own),
        change: (from) => withTerms({ ratePercent: value })(atLevelPayment(from)),
      }
    }
    case 'LOAN':
      return {
        key: 'LOAN',
        words: [
          fits ? 'A loan of up to' : 'A loan of',
          formatEntry(cents),
          `${instead}${fits ? '' : formatEntry(figures.baseLoanCents)}`.trim(),
        ],
        note: cashNote(lever),
        size: distance(cents, figures.baseLoanCents),
        change: (from) => withLoan(cents)(atLevelPayment(from)),
      }
    case 'PRICE_KEEPING_AMOUNT':
    case 'PRICE_KEEPING_SHARE': {
      const keepsAmount = lever.lever === 'PRICE_KEEPING_AMOUNT'
      const price = option.financing.kind === 'PURCHASE' ? option.financing.priceCents : cents
      const downPercent = figures.downPercent ?? 0
      const kept = keepsAmount
        ? `${formatEntry(price - figures.baseLoanCents)} ${words.down} kept`
        : `${formatRatio(downPercent, SHARE_DECIMALS)} ${words.down} kept`
      return {
        key: lever.lever,
        words: [fits ? 'A price of up to' : 'A price of', formatEntry(cents), `with ${kept}`],
        note: keepsAmount ? '' : cashNote(lever),
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
        key: 'TERM',
        words: ['Over', formatTerm(months), fits ? 'or longer' : `instead of ${formatTerm(own)}`],
        note: `${formatAmount(lever.housingCents)} a month for the home`,
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

const NAMES: Record<LeverView['lever'], string> = {
  RATE: 'A lower rate',
  LOAN: 'A smaller loan',
  PRICE_KEEPING_AMOUNT: 'A lower price with the same money down',
  PRICE_KEEPING_SHARE: 'A lower price with the same share down',
  TERM: 'A longer term',
}

const short = ({ lever, overCents }: LeverView, words: MarketWords): Way => ({
  key: lever,
  words: [`${NAMES[lever].replace('down', words.down)} alone cannot do it`, '', ''],
  note: overCents > 0 ? `still over by ${formatAmount(overCents)} a month` : '',
  size: Infinity,
})

function cashNote({ cashChangeCents, covered }: LeverView): string {
  if (cashChangeCents === 0) return ''
  const change = `${formatDifference(cashChangeCents)} at closing`
  return cashChangeCents > 0 && !covered ? `${change}, more than they have` : change
}

const EIGHTHS = 8

/** The next eighth below a rate, unless it is one itself or is on offer anyhow. */
function eighthNote(percent: number, offered: number | undefined): string {
  const eighth = Math.floor(percent * EIGHTHS) / EIGHTHS
  return eighth === percent || eighth === offered ? '' : `in eighths ${formatPercent(eighth)}`
}

const offerNote = ({ ratePercent, pointsPercent }: FitView['loansByRate'][number]) =>
  `on offer: ${formatPercent(ratePercent)}, ${pointsWords(pointsPercent)}`

/** What a rate on offer takes: for 0.5 points. */
export const pointsWords = (percent: number) =>
  percent === 0
    ? 'without points'
    : percent < 0
      ? `with ${formatPoints(-percent)} credited`
      : `for ${formatPoints(percent)}`

const distance = (to: number, from: number) => (from === 0 ? Infinity : Math.abs(to - from) / from)
