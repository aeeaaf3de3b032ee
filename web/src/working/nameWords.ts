import type { QuantityView } from '../api/client'
import names from '../words/names.json'
import { CLOSING_KINDS, type ClosingKind } from '../format/closing'
import { FIGURE_WORDS, type FigureName } from './figureWords'

type Name = QuantityView['name']
type WordedElsewhere = Name & (FigureName | ClosingKind)

/** What a number in a working is, where it is neither a figure of its own nor an item at closing, or is called otherwise. */
const OWN_WORDS: Record<Exclude<Name, WordedElsewhere>, string> & Partial<Record<WordedElsewhere, string>> =
  names

/** What a number in a working is. */
export function nameWords(name: Name): string {
  const own = OWN_WORDS[name]
  if (own !== undefined) return own
  if (name in CLOSING_KINDS) return CLOSING_KINDS[name as ClosingKind].label
  return FIGURE_WORDS[name as FigureName]
}
