import type { LendingView, LettingBasis, ProgrammeAnswerView, ProgrammeDocument } from '../../api/client'
import { formatEntry } from '../../format/amount'
import { formatPercent } from '../../format/percent'

/** How a home is let, as it stands in a sentence behind "let". */
export const BASES: Record<LettingBasis, string> = {
  LONG: 'long-term',
  SHORT: 'short-term',
  BY_ROOM: 'by the room',
}

type Unit = ProgrammeDocument['cover']

/** A cover as it is told: 1.04 times, or 138.93 % of the interest. Every digit that it comes with. */
export const coverText = (cover: number, unit: Unit) =>
  unit === 'INTEREST' ? `${fixed(cover)}\u202f%` : `${fixed(cover)} times`

/** With at least two decimals, and no more than it comes with. */
const fixed = (cover: number) => {
  const decimals = Math.max(2, (String(cover).split('.')[1] ?? '').length)
  return cover.toFixed(decimals)
}

/** A band's least cover in the unit that it is told in: 1.25 times, 145 %. */
export const leastText = (leastCover: number, unit: Unit) =>
  unit === 'INTEREST' ? formatPercent(hundredfold(leastCover)) : `${leastCover.toFixed(2)} times`

/** A ratio in percent, without what a product of decimals leaves behind. */
export const hundredfold = (ratio: number) => Number((ratio * 100).toFixed(4))

/** What the rent covers: what goes out, or the interest at the rate that is tested. */
export const coveredWords = ({ coverUnit, testedRatePercent }: ProgrammeAnswerView) =>
  coverUnit === 'INTEREST' && testedRatePercent !== null
    ? `the interest at ${formatPercent(testedRatePercent)}`
    : 'what goes out'

/** What keeps a loan from being larger, in a word or two. */
export const bindingWords = ({ binding, nothing }: LendingView): string => {
  switch (nothing) {
    case 'BASIS':
      return 'not let so'
    case 'SCORE':
      return 'score too low'
    case 'COVER':
      return 'rent too low'
    case 'VALUE':
      return 'no value yet'
    case null:
      return binding === null ? '' : BINDINGS[binding]
  }
}

const BINDINGS: Record<NonNullable<LendingView['binding']>, string> = {
  COVER: 'cover decides',
  BAND: 'most in band',
  BASIS: 'most on basis',
}

/** Why a programme lends nothing, as a sentence goes on behind its name. */
export function nothingWords(
  { nothing }: LendingView,
  basis: LettingBasis,
  leastScore: number | null,
): string {
  switch (nothing) {
    case 'BASIS':
      return `does not lend on homes let ${BASES[basis]}`
    case 'SCORE':
      return `asks for a score of at least ${leastScore ?? ''}`
    case 'COVER':
      return 'lends nothing at this rent'
    case 'VALUE':
      return 'cannot tell what it lends before the home’s value is known'
    case null:
      return ''
  }
}

/** What is lent, with what it takes: 195,300 at 7 %. */
export const lentWords = ({ loanCents, ratePercent }: LendingView) =>
  loanCents === null || ratePercent === null
    ? 'nothing'
    : `${formatEntry(loanCents)} at ${formatPercent(ratePercent)}`
