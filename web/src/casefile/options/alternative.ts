import type { ComparedFigures, DebtDocument, OptionDocument } from '../../api/client'
import type { MarketWords } from '../../format/market'
import type { OptionChange } from '../option'

/** An option that is made from another in one step. */
export type Alternative = { words: string; change: OptionChange }

/** What alternatives start from. */
export type Start = {
  option: OptionDocument
  figures: ComparedFigures
  words: MarketWords
  debts: readonly DebtDocument[]
  /** Whether the case is about a loan whose rate ends. */
  isRenewal: boolean
}
