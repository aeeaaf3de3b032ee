import type { CaseDocument } from '../../api/client'
import { localeOfCase, marketOf, MARKETS } from '../../format/market'
import { fullTitleOf } from '../differences'
import { baselineOf } from '../option'

/** What ids stand for, by the id. */
export type Names = ReadonlyMap<string, string>

/** What the ids within a case stand for: its options, people and debts. */
export function namesIn(document: CaseDocument): Names {
  const baseline = baselineOf(document)
  const locale = localeOfCase(document)
  const words = MARKETS[marketOf(document)]
  return new Map([
    ...document.options.map((option) => [option.id, fullTitleOf(baseline, option, locale, words)] as const),
    ...document.household.people.map(({ id, name }) => [id, name] as const),
    ...document.debts.map(({ id, name }) => [id, name || 'debt'] as const),
  ])
}
