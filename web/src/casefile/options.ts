import type { CaseDocument, OptionDocument } from '../api/client'
import { movedBy } from '../field/lists'
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

/** How the options of a case change, whatever they say by then. */
export type OptionsChange = (options: readonly OptionDocument[]) => Options

/** A new option at the end that begins as one says now, changed. */
export const addOption =
  (source: string, change: OptionChange): OptionsChange =>
  (options) => {
    const from = options.find(({ id }) => id === source)
    if (!from || options.length >= MOST_OPTIONS) return { options: [...options], selected: source }
    const added = change({ ...from, id: newId(), name: null })
    return { options: [...options, added], selected: added.id }
  }

/** The options without one; the last one left stays. */
export const deleteOption =
  (id: string): OptionsChange =>
  (options) => {
    const left = withoutId(options, id)
    const before = options[options.findIndex((option) => option.id === id) - 1] ?? left[0]
    return before ? { options: left, selected: before.id } : { options: [...options], selected: id }
  }

/** The options with one as the baseline, which stands first. */
export const makeBaseline =
  (id: string): OptionsChange =>
  (options) => ({
    options: [...options.filter((option) => option.id === id), ...withoutId(options, id)],
    selected: id,
  })

/** The options with one put before or after its neighbour; the first is the baseline. */
export const moveOption =
  (id: string, by: -1 | 1): OptionsChange =>
  (options) => ({ options: movedBy(options, id, by), selected: id })

/** An option called otherwise; an empty name is none. */
export const withName =
  (name: string): OptionChange =>
  (option) => ({ ...option, name: name.trim() === '' ? null : name })

const withoutId = (options: readonly OptionDocument[], id: string) =>
  options.filter((option) => option.id !== id)
