import type { CaseDocument } from '../../api/client'
import type { Names } from '../history/names'
import { placeDifferences, type PlaceDifference } from '../history/placeDifferences'
import { mergeBy, overlaps } from './merge'

/** A place that both changed otherwise, and what it is in either's state. */
export type ConflictClause = { place: string; of: string; theirs: string; mine: string }

const NOT_THERE = 'not there'

/** What has to be chosen before a case goes on that two changed in the same places. */
export function conflictClauses(
  base: CaseDocument,
  mine: CaseDocument,
  theirs: CaseDocument,
  locale: string,
  names: Names,
): readonly ConflictClause[] {
  const own = mergeBy(() => 'mine', base, mine, theirs)
  return overlaps(base, mine, theirs).flatMap((place) => {
    const other = mergeBy((each) => (each === place ? 'theirs' : 'mine'), base, mine, theirs)
    const differences = placeDifferences(other, own, locale, names)
    if (differences.length === 0) return []
    const all = (words: (difference: PlaceDifference) => string) => differences.map(words).join(', ')
    return [
      {
        place,
        of: all(({ of }) => of),
        theirs: all(({ was }) => was ?? NOT_THERE),
        mine: all(({ is }) => is ?? NOT_THERE),
      },
    ]
  })
}
