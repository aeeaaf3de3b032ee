import { createContext, useContext } from 'react'
import type { AnsweredOption, Headlines } from '../api/answers'
import type { OptionDocument, OptionView } from '../api/client'
import type { OptionChange } from './option'

/** An option of the open case, with its figures and the way to change it. */
export type OpenOption = {
  option: OptionDocument
  /** Its place in the document, by its id: `/options/a81c`. */
  at: string
  /** The option that it is compared with; itself where it is the baseline. */
  baseline: OptionDocument
  isBaseline: boolean
  /** Its figures, of its last state that had any. */
  figures: OptionView
  /** What its figures were asked of. */
  answered: AnsweredOption
  /** The headlines of the case's views, asked with its figures; null before the first answer. */
  headlines: Headlines | null
  /** Changes it within a run of changes that are undone as one. */
  change: (how: OptionChange) => void
  /** Changes it by a step of its own. */
  apply: (how: OptionChange) => void
}

export const OptionContext = createContext<OpenOption | null>(null)

export function useOption(): OpenOption {
  const option = useContext(OptionContext)
  if (!option) throw new Error('useOption needs an OptionScope above it')
  return option
}
