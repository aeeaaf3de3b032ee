import type { ReactNode } from 'react'
import type { OptionDocument, OptionView } from '../../api/client'
import type { MarketWords } from '../../format/market'
import type { OptionChange } from '../option'

/** A part of the sentence, said with the punctuation behind its last figure, which never begins a line. */
export type Said = {
  /** Where it lies in the option. */
  pointer: string
  say: (after: string) => ReactNode
}

/** A way to begin a clause: what the menu calls it, what it does, and which figure is then typed over. */
export type Beginning = { words: string; change: OptionChange; focus: string }

/** What a clause begins from. */
export type Start = { figures: OptionView; words: MarketWords }

/** A clause of the sentence: all that is to be known of it stands in its file. */
export type Clause = {
  /** What it says of an option; nothing where it does not apply. */
  said: (option: OptionDocument) => Said[]
  /** How it can be begun; nothing where it can be said once and is. */
  beginnings: (option: OptionDocument, start: Start) => Beginning[]
  /** In a few words how an option differs in it from the baseline; null where it does not. */
  differs: (baseline: OptionDocument, option: OptionDocument, locale: string) => string | null
}

/** Whether two options say something else: entries that say the same are the same, whatever their ids. */
export function saysOtherwise(
  one: OptionDocument,
  other: OptionDocument,
  of: (option: OptionDocument) => unknown,
) {
  return textOf(of(one)) !== textOf(of(other))
}

const textOf = (value: unknown) =>
  JSON.stringify(value, (key, each: unknown) => (key === 'id' ? undefined : each))

/** How long a clause that names a time begins after the first payment. */
export const FIVE_YEARS_MONTHS = 60
const ROUND_CENTS = 50_00

/** The next round amount above one. */
export const nextRound = (cents: number) => Math.ceil((cents + 1) / ROUND_CENTS) * ROUND_CENTS

/** A fifth of a loan, rounded. */
export const fifthOf = ({ baseLoanCents }: OptionView) =>
  Math.round(baseLoanCents / 5 / ROUND_CENTS) * ROUND_CENTS

/** What a value says; nothing where there is none. */
export const orNothing = <T>(value: T | null, say: (value: T) => string) => (value === null ? '' : say(value))
