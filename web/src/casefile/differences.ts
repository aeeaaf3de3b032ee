import type { ExtraDocument, OptionDocument } from '../api/client'
import { formatEntry } from '../format/amount'
import type { MarketWords } from '../format/market'
import { formatPercent } from '../format/percent'
import { formatTerm } from '../format/term'
import { loanOnlyCents, purchaseOf } from './option'
import { onceAt, timeText } from './loan/timeText'
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

/** What an option says otherwise than another, each place in a few words of its own. */
export function allDifferences(
  baseline: OptionDocument,
  option: OptionDocument,
  locale: string,
  words: MarketWords,
): string[] {
  return [
    ...instead(baseline.terms.amortizationMonths, option.terms.amortizationMonths, formatTerm),
    ...instead(baseline.terms.ratePercent, option.terms.ratePercent, formatPercent),
    ...instead(priceOf(baseline), priceOf(option), price),
    ...instead(downOf(baseline), downOf(option), (down) => (down === '' ? '' : `${down} ${words.down}`)),
    ...instead(loanOnlyCents(baseline), loanOnlyCents(option), (cents) =>
      cents === null ? '' : formatEntry(cents),
    ),
    ...instead(baseline.terms.frequency, option.terms.frequency, (frequency) => FREQUENCY_WORDS[frequency]),
    ...clauseWords(baseline, option, locale),
  ].filter((each) => each !== '')
}

/** What is said, as a text to compare: entries that say the same are the same, whatever their ids. */
const said = (value: unknown) =>
  JSON.stringify(value, (key, each: unknown) => (key === 'id' ? undefined : each))

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

function clauseWords(baseline: OptionDocument, option: OptionDocument, locale: string): string[] {
  const differs = (of: (each: OptionDocument) => unknown) => said(of(baseline)) !== said(of(option))
  const { features } = option
  const [extra] = features.extras
  const clauses = [
    differs((each) => each.features.extras) &&
      (extra
        ? `plus ${formatEntry(extra.cents)} ${extra.how === 'ONCE' ? onceWords(extra, locale) : 'extra'}`
        : 'no extras'),
    differs((each) => each.features.extraEffect) && 'another effect of extras',
    differs((each) => each.features.rateChanges) &&
      (features.rateChanges.length > 0 ? 'rate changes' : 'no rate changes'),
    differs((each) => each.terms.rateTermMonths) && 'another fixed-rate period',
    differs((each) => each.features.interestOnlyPayments) &&
      (features.interestOnlyPayments === null ? 'no interest-only period' : 'interest-only period'),
    differs((each) => each.features.balloonCents) &&
      (features.balloonCents === null ? 'no balloon payment' : 'balloon payment'),
    differs((each) => each.features.paymentCents) &&
      (features.paymentCents === null ? 'level payment' : `paying ${formatEntry(features.paymentCents)}`),
    differs((each) => each.features.paymentSteps) &&
      (features.paymentSteps.length > 0 ? 'payment changes' : 'no payment changes'),
    differs((each) => each.features.buydown) &&
      (features.buydown === null ? 'no buydown' : 'temporary buydown'),
    differs((each) => each.closing) && 'other closing costs',
    differs((each) => [each.terms.compounding, each.terms.rounding]) && 'other conventions',
    differs((each) => [each.housing, purchaseOf(each)?.appraisalCents]) && 'other costs',
  ]
  return clauses.filter((each) => each !== false)
}

function onceWords({ firstPayment, firstDay }: ExtraDocument, locale: string): string {
  const time = { payment: firstPayment, day: firstDay }
  return `${onceAt(time)} ${timeText(time, locale)}`
}
