import { createContext, useContext } from 'react'
import type { CaseDocument, FieldProblem } from '../api/client'
import type { CurrencyCode, MarketWords } from '../format/market'
import type { CaseStore } from './caseStore'
import type { Saver } from './saving/Saver'

/** What the views of an open case work with. */
export type OpenCase = {
  id: string
  store: CaseStore
  saver: Saver
  document: CaseDocument
  /** The same as it was when the keys last rested: what questions are asked about. */
  rested: CaseDocument
  /** Why the figures are not those of the entries as they stand, where they are not. */
  staleness: string | null
  /** What is wrong with the document, at places given by ids. */
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
