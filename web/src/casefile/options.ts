import type { CaseDocument, OptionDocument } from '../api/client'
import { replaced, without, type OptionChange } from './option'

/** How many options a case can hold. */
export const MOST_OPTIONS = 6

/** What a case's options become by one change, and which of them is then shown. */
export type Options = { options: OptionDocument[]; selected: number }

export const changeOption = (document: CaseDocument, index: number, change: OptionChange): CaseDocument => ({
  ...document,
  options: document.options.map((option, at) => (at === index ? change(option) : option)),
})

/** A new option at the end that begins as this one, changed. */
export function addOption(options: readonly OptionDocument[], from: number, change: OptionChange): Options {
  const source = options[from]
  if (!source || options.length >= MOST_OPTIONS) return { options: [...options], selected: from }
  return { options: [...options, change({ ...source, name: null })], selected: options.length }
}

/** The options without one; the last one left stays. */
export function dropOption(options: readonly OptionDocument[], index: number): Options {
  if (options.length === 1) return { options: [...options], selected: 0 }
  return { options: without(options, index), selected: Math.max(0, index - 1) }
}

/** The options with this one as the baseline, which stands first. */
export function makeBaseline(options: readonly OptionDocument[], index: number): Options {
  const chosen = options[index]
  return chosen
    ? { options: [chosen, ...without(options, index)], selected: 0 }
    : { options: [...options], selected: index }
}

/** The options with one called otherwise; an empty name is none. */
export function renameOption(
  options: readonly OptionDocument[],
  index: number,
  name: string,
): OptionDocument[] {
  const option = options[index]
  return option
    ? replaced(options, index, { ...option, name: name.trim() === '' ? null : name })
    : [...options]
}
