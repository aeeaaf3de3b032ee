import type { OptionDocument } from '../api/client'
import { formatEntry } from '../format/amount'
import type { MarketWords } from '../format/market'
import { formatPercent } from '../format/percent'
import { formatTerm } from '../format/term'
import { loanOnlyCents, purchaseOf } from './option'
import { isRefinanced, refinancingDifferences } from './refinancingDifferences'
import { closingDifferences } from './closingDifferences'
import { saysOtherwise } from './clauses/clause'
import { clauseDifferences } from './clauses/clauses'
import { FREQUENCY_WORDS } from '../format/conventions'

const MOST_NAMED = 2

/** The few words in which an option differs from the baseline: 15 years instead of 30. */
export function differencesOf(
  baseline: OptionDocument,
  option: OptionDocument,
  locale: string,
  words: MarketWords,
): string {
  const all = allDifferences(baseline, option, locale, words)
  if (all.length === 0) return 'the same as the baseline'
  const named = all.slice(0, MOST_NAMED).join(', ')
  return all.length > MOST_NAMED ? `${named} and more` : named
}

/** What an option is called: by its name, as the baseline, or by what it does otherwise. */
export const titleOf = (
  baseline: OptionDocument,
  option: OptionDocument,
  locale: string,
  words: MarketWords,
): string =>
  option.name ?? (option.id === baseline.id ? 'Baseline' : differencesOf(baseline, option, locale, words))

/** The most characters that a title may have where it is sent along. */
const MOST_OF_TITLE = 200

/**
 * What a client reads an option called by, who cannot look it up on a screen: by its name, or by its term and rate and all that it
 * does otherwise.
 */
export function fullTitleOf(
  baseline: OptionDocument,
  option: OptionDocument,
  locale: string,
  words: MarketWords,
): string {
  if (option.name !== null) return option.name
  const { amortizationMonths, ratePercent } = option.terms
  return otherDifferences(baseline, option, locale, words).reduce(
    (title, each) => (title.length + each.length + 2 > MOST_OF_TITLE ? title : `${title}, ${each}`),
    `${formatTerm(amortizationMonths)} at ${formatPercent(ratePercent)}`,
  )
}

/** What an option says otherwise than another, each place in a few words of its own. */
export function allDifferences(
  baseline: OptionDocument,
  option: OptionDocument,
  locale: string,
  words: MarketWords,
): string[] {
  const term = instead(baseline.terms.amortizationMonths, option.terms.amortizationMonths, formatTerm)
  const rate = instead(baseline.terms.ratePercent, option.terms.ratePercent, formatPercent)
  const others = otherDifferences(baseline, option, locale, words)
  // A loan in place of another has its own rate, costs and payment: that it does says so.
  if (isRefinanced(baseline, option)) return [...others, ...term]
  const points = closingDifferences(baseline, option)
  return [...term, ...points, ...rate, ...others.filter((each) => !points.includes(each))]
}

/** The same beside term and rate. */
function otherDifferences(
  baseline: OptionDocument,
  option: OptionDocument,
  locale: string,
  words: MarketWords,
): string[] {
  if (isRefinanced(baseline, option)) {
    return refinancingDifferences(baseline, option).filter((each) => each !== '')
  }
  return [
    ...closingDifferences(baseline, option),
    ...instead(priceOf(baseline), priceOf(option), price),
    ...instead(downOf(baseline), downOf(option), (down) => (down === '' ? '' : `${down} ${words.down}`)),
    ...instead(loanOnlyCents(baseline), loanOnlyCents(option), (cents) =>
      cents === null ? '' : formatEntry(cents),
    ),
    ...refinancingDifferences(baseline, option),
    ...instead(baseline.terms.frequency, option.terms.frequency, (frequency) => FREQUENCY_WORDS[frequency]),
    ...clauseDifferences(baseline, option, locale),
    ...costDifferences(baseline, option),
  ].filter((each) => each !== '')
}

function instead<T>(was: T, is: T, say: (value: T) => string): string[] {
  return was === is ? [] : [say(is)]
}

const price = (cents: number | null) => (cents === null ? 'loan only' : `for ${formatEntry(cents)}`)

const priceOf = (option: OptionDocument) => purchaseOf(option)?.priceCents ?? null

function downOf(option: OptionDocument): string {
  const down = purchaseOf(option)?.down
  if (!down) return ''
  return down.percent === null ? formatEntry(down.cents ?? 0) : formatPercent(down.percent)
}

/** What is said beside the sentence. */
function costDifferences(baseline: OptionDocument, option: OptionDocument): string[] {
  const differs = (of: (each: OptionDocument) => unknown) => saysOtherwise(baseline, option, of)
  return [
    differs((each) => [each.terms.compounding, each.terms.rounding]) ? 'other conventions' : '',
    differs((each) => [each.housing, purchaseOf(each)?.appraisalCents]) ? 'other costs' : '',
  ]
}
