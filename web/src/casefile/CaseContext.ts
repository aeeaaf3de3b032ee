import { createContext, useContext } from 'react'
import type { FieldProblem, OptionDocument, OptionView } from '../api/client'
import type { CurrencyCode } from '../format/market'
import type { CaseStore } from './caseStore'

/** What the views of an open case work with. */
export type OpenCase = {
  store: CaseStore
  option: OptionDocument
  /** The figures of the option, of its last state that had any. */
  figures: OptionView
  /** Why the figures are not those of the entries as they stand, where they are not. */
  staleness: string | null
  problems: readonly FieldProblem[]
  locale: string
  currency: CurrencyCode
}

export const CaseContext = createContext<OpenCase | null>(null)

export function useOpenCase(): OpenCase {
  const openCase = useContext(CaseContext)
  if (!openCase) throw new Error('useOpenCase needs a CaseContext above it')
  return openCase
}
