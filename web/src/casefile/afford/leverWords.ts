import type { FitView, LeverView, OptionDocument, OptionView, ReadingView } from '../../api/client'
import { formatAmount, formatDifference, formatEntry } from '../../format/amount'
import type { MarketWords } from '../../format/market'
import { formatPercent } from '../../format/percent'
import { formatTerm } from '../../format/term'
import { leverName, leverStep, rateNote } from './leverStep'
import type { Way } from './way'

type Start = { option: OptionDocument; figures: OptionView; words: MarketWords; fit: FitView; fits: boolean }

/** Whether a loan meets every test that a loan can meet: score and reserves it cannot, nor what cannot be told. */
export const loanFits = (readings: readonly ReadingView[]) =>
  readings.every(
    ({ measure, isMet, unknown }) =>
      isMet || unknown !== null || measure === 'RESERVES' || measure === 'SCORE',
  )

/** What each lever of the loan can do by itself, always in the same order. */
export const waysOf = (start: Start): Way[] => start.fit.levers.map((lever) => wayOf(lever, start))

function wayOf(lever: LeverView, start: Start): Way {
  return lever.value === null
    ? short(lever, start.words)
    : {
        ...leverStep(lever.lever, lever.value, start),
        note: [nearerNote(lever), noteOf(lever, lever.value, start)].filter((note) => note !== '').join('; '),
      }
}

/** That a smaller change fits too, where tests that depend on the money left leave a gap between. */
const nearerNote = ({ lever, nearerValue }: LeverView): string =>
  nearerValue === null ? '' : `${valueWords(lever, nearerValue)} is a smaller change and fits too`

function valueWords(lever: LeverView['lever'], value: number): string {
  switch (lever) {
    case 'RATE':
      return formatPercent(value)
    case 'TERM':
      return formatTerm(value * MONTHS_A_YEAR)
    default:
      return formatEntry(value * CENTS)
  }
}

const MONTHS_A_YEAR = 12
const CENTS = 100

function noteOf(lever: LeverView, value: number, { fit, fits }: Start): string {
  switch (lever.lever) {
    case 'RATE':
      return fits ? '' : rateNote(value, fit.loansByRate)
    case 'TERM':
      return `${formatAmount(lever.housingCents)} a month for the home`
    case 'PRICE_KEEPING_AMOUNT':
      return ''
    default:
      return cashNote(lever)
  }
}

const short = ({ lever, overCents }: LeverView, words: MarketWords): Way => ({
  key: lever,
  words: [`${leverName(lever, words)} alone cannot do it`, '', ''],
  note: overCents > 0 ? `still over by ${formatAmount(overCents)} a month` : '',
  size: Infinity,
})

function cashNote({ cashChangeCents, covered }: LeverView): string {
  if (cashChangeCents === 0) return ''
  const change = `${formatDifference(cashChangeCents)} at closing`
  return cashChangeCents > 0 && !covered ? `${change}, more than they have` : change
}
