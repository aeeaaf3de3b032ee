import type { LimitSetView } from '../../api/client'
import { useOption } from '../OptionContext'

/** The limit set that the last answered case is looked at with, by its place among those of its market; null while they are not known. */
export function useChosenSet(): { place: number; set: LimitSetView } | 'no sets' | null {
  const { answered, headlines } = useOption()
  const sets = headlines?.sets ?? null
  if (sets === null) return null
  const wanted = sets.findIndex(({ id }) => id === answered.document.household.limitSet)
  const place = Math.max(0, wanted)
  const set = sets[place]
  return set ? { place, set } : 'no sets'
}
