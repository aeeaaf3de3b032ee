import type { CaseDocument, OptionDocument } from '../api/client'
import { newId } from './newId'
import type { OptionChange } from './option'

/** How many options a case can hold. */
export const MOST_OPTIONS = 6

/** What a case's options become by one change, and the id of the one that is then shown. */
export type Options = { options: OptionDocument[]; selected: string }

export const changeOption = (document: CaseDocument, id: string, change: OptionChange): CaseDocument => ({
  ...document,
  options: document.options.map((option) => (option.id === id ? change(option) : option)),
})

/** A new option at the end that begins as this one, changed. */
export function addOption(
  options: readonly OptionDocument[],
  source: OptionDocument,
  change: OptionChange,
): Options {
  if (options.length >= MOST_OPTIONS) return { options: [...options], selected: source.id }
  const added = change({ ...source, id: newId(), name: null })
  return { options: [...options, added], selected: added.id }
}

/** The options without one; the last one left stays. */
export function deleteOption(options: readonly OptionDocument[], { id }: OptionDocument): Options {
  const left = withoutId(options, id)
  const before = options[options.findIndex((option) => option.id === id) - 1] ?? left[0]
  return before ? { options: left, selected: before.id } : { options: [...options], selected: id }
}

/** The options with this one as the baseline, which stands first. */
export const makeBaseline = (options: readonly OptionDocument[], option: OptionDocument): Options => ({
  options: [option, ...withoutId(options, option.id)],
  selected: option.id,
})

/** The options with this one put before or after its neighbour; the first is the baseline. */
export function moveOption(options: readonly OptionDocument[], option: OptionDocument, by: -1 | 1): Options {
  const from = options.findIndex(({ id }) => id === option.id)
  const to = from + by
  const moved = withoutId(options, option.id)
  if (from >= 0 && to >= 0 && to < options.length) moved.splice(to, 0, option)
  return { options: moved.length === options.length ? moved : [...options], selected: option.id }
}

/** An option called otherwise; an empty name is none. */
export const withName =
  (name: string): OptionChange =>
  (option) => ({ ...option, name: name.trim() === '' ? null : name })

const withoutId = (options: readonly OptionDocument[], id: string) =>
  options.filter((option) => option.id !== id)
