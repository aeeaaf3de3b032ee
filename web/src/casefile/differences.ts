import type { ExtraDocument, OptionDocument } from '../api/client'
import { formatEntry } from '../format/amount'
import type { MarketWords } from '../format/market'
import { formatPercent } from '../format/percent'
import { formatTerm } from '../format/term'
import { onceAt, timeText } from './loan/timeText'
import { FREQUENCY_WORDS } from './words'

const MOST_NAMED = 2

/** The few words in which an option differs from the baseline: 15 years instead of 30. */
export function differencesOf(
  baseline: OptionDocument,
  option: OptionDocument,
  locale: string,
  words: MarketWords,
): string {
  const all = [
    ...instead(baseline.termMonths, option.termMonths, formatTerm),
    ...instead(baseline.ratePercent, option.ratePercent, formatPercent),
    ...instead(baseline.priceCents, option.priceCents, price),
    ...instead(downOf(baseline), downOf(option), (down) => `${down} ${words.down}`),
    ...instead(baseline.loanCents, option.loanCents, (cents) => (cents === null ? '' : formatEntry(cents))),
    ...instead(baseline.frequency, option.frequency, (frequency) => FREQUENCY_WORDS[frequency]),
    ...clauseWords(baseline, option, locale),
  ]
  if (all.length === 0) return 'the same as the baseline'
  const named = all.slice(0, MOST_NAMED).join(', ')
  return all.length > MOST_NAMED ? `${named} and more` : named
}

function instead<T>(was: T, is: T, say: (value: T) => string): string[] {
  return was === is ? [] : [say(is)]
}

const price = (cents: number | null) => (cents === null ? 'a loan alone' : `for ${formatEntry(cents)}`)

const downOf = ({ downPercent, downCents }: OptionDocument) =>
  downPercent === null ? formatEntry(downCents ?? 0) : formatPercent(downPercent)

function clauseWords(baseline: OptionDocument, option: OptionDocument, locale: string): string[] {
  const differs = (of: (each: OptionDocument) => unknown) =>
    JSON.stringify(of(baseline)) !== JSON.stringify(of(option))
  const [extra] = option.extras
  const said = [
    differs((each) => each.extras) &&
      (extra
        ? `plus ${formatEntry(extra.cents)} ${extra.how === 'ONCE' ? onceWords(extra, locale) : 'extra'}`
        : 'no extras'),
    differs((each) => each.extraEffect) && 'other effect of extras',
    differs((each) => each.rateChanges) &&
      (option.rateChanges.length > 0 ? 'rate changes' : 'no rate changes'),
    differs((each) => each.rateTermMonths) && 'another rate term',
    differs((each) => each.interestOnlyPayments) &&
      (option.interestOnlyPayments === null ? 'principal from the start' : 'interest alone at first'),
    differs((each) => each.residualCents) &&
      (option.residualCents === null ? 'nothing left' : 'a balance left'),
    differs((each) => each.chosenPaymentCents) &&
      (option.chosenPaymentCents === null
        ? 'the level payment'
        : `paying ${formatEntry(option.chosenPaymentCents)}`),
    differs((each) => each.buydown) && (option.buydown === null ? 'no buydown' : 'bought down'),
    differs((each) => each.closing) && 'other closing costs',
    differs((each) => [each.compounding, each.rounding]) && 'other conventions',
    differs((each) => [each.housing, each.appraisalCents]) && 'other costs',
  ]
  return said.filter((each) => each !== false)
}

function onceWords({ firstPayment, firstDay }: ExtraDocument, locale: string): string {
  const time = { payment: firstPayment, day: firstDay }
  return `${onceAt(time)} ${timeText(time, locale)}`
}
