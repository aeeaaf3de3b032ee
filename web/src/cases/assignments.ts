import { changeCases } from '../api/cases'
import type { CaseSummary, Person } from '../api/client'

/** Cases by the id of whose they are. */
type Assignments = ReadonlyMap<string, readonly CaseSummary[]>

/** Whose the cases are; null where one is nobody's, or somebody's who has left: those cannot be given back. */
export function assignments(cases: readonly CaseSummary[], people: readonly Person[]): Assignments | null {
  const known = new Map<string, CaseSummary[]>()
  for (const each of cases) {
    const person = people.find(({ id }) => id === each.advisor?.id)
    if (!person || person.state === 'LEFT') return null
    known.set(person.id, [...(known.get(person.id) ?? []), each])
  }
  return known
}

/** Gives each of them back. */
export async function assign(before: Assignments) {
  for (const [advisor, cases] of before) {
    const ids = cases.map(({ id }) => id)
    await changeCases(ids, 'HAND_OVER', advisor)
  }
}
