import { createContext, useContext } from 'react'
import type { CaseDocument, FieldProblem, OptionDocument, OptionView } from '../api/client'
import type { CurrencyCode, MarketWords } from '../format/market'
import type { CaseStore } from './caseStore'

/** What the views of an open case work with. */
export type OpenCase = {
  store: CaseStore
  document: CaseDocument
  /** The document whose figures are shown: the one at hand, or its last state that had any. */
  answered: CaseDocument
  /** The option that is shown, which of the case's it is, and where it lies in the document. */
  option: OptionDocument
  selected: number
  at: string
  /** The option that it is compared with; its own self where it is the baseline. */
  baseline: OptionDocument
  /** The figures of the option, of its last state that had any. */
  figures: OptionView
  /** Why the figures are not those of the entries as they stand, where they are not. */
  staleness: string | null
  problems: readonly FieldProblem[]
  locale: string
  words: MarketWords
  currency: CurrencyCode
}

export const CaseContext = createContext<OpenCase | null>(null)

export function useOpenCase(): OpenCase {
  const openCase = useContext(CaseContext)
  if (!openCase) throw new Error('useOpenCase needs a CaseContext above it')
  return openCase
}
