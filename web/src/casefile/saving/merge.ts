import { hashKey } from '@tanstack/react-query'
import type { CaseDocument } from '../../api/client'
import { MOST_OPTIONS } from '../options'

type Json = null | boolean | number | string | Json[] | Fields
type Fields = { [name: string]: Json }
type Entry = Fields & { id: string }

/** Both changed the same place, each otherwise. */
class Overlap extends Error {}

/**
 * What two people made of one document, with the changes of both; null where they changed the same place otherwise. A place
 * is a value, a list that has no ids, or the order of one that has.
 */
export function merge(base: CaseDocument, mine: CaseDocument, theirs: CaseDocument): CaseDocument | null {
  try {
    const merged = mergeValue(base, mine, theirs) as CaseDocument
    return merged.options.length <= MOST_OPTIONS && merged.options.length > 0 ? merged : null
  } catch (error) {
    if (error instanceof Overlap) return null
    throw error
  }
}

function mergeValue(base: Json | undefined, mine: Json, theirs: Json): Json {
  if (isSame(mine, theirs) || isSame(base, theirs)) return mine
  if (isSame(base, mine)) return theirs
  if (isList(base) && isList(mine) && isList(theirs)) return mergeList(base, mine, theirs)
  if (isFields(base) && isFields(mine) && isFields(theirs)) return mergeFields(base, mine, theirs)
  throw new Overlap()
}

function mergeFields(base: Fields, mine: Fields, theirs: Fields): Fields {
  const names = Object.keys(mine)
  if (!isSame(names.toSorted(), Object.keys(theirs).toSorted())) throw new Overlap()
  return Object.fromEntries(
    names.map((name) => [name, mergeValue(base[name], mine[name] ?? null, theirs[name] ?? null)]),
  )
}

/** Entries go by their ids: what one added or took away holds for both, unless the other changed it. */
function mergeList(base: Entry[], mine: Entry[], theirs: Entry[]): Json[] {
  return mergeOrder(base.map(idOf), mine.map(idOf), theirs.map(idOf)).flatMap((id) => {
    const [was, own, other] = [base, mine, theirs].map((list) => list.find((entry) => entry.id === id))
    if (own && other) return [mergeValue(was, own, other)]
    const left = own ?? other
    if (!left) return []
    if (!was) return [left]
    if (!isSame(was, left)) throw new Overlap()
    return []
  })
}

/** The ids of both, in the order of the one who changed it; what the other added stands last. */
function mergeOrder(base: string[], mine: string[], theirs: string[]): string[] {
  const both = (list: string[]) =>
    list.filter((id) => [base, mine, theirs].every((each) => each.includes(id)))
  const [first, second] = isSame(both(base), both(mine)) ? [theirs, mine] : [mine, theirs]
  if (!isSame(both(second), both(base)) && !isSame(both(second), both(first))) throw new Overlap()
  return [...first, ...second.filter((id) => !first.includes(id))]
}

const idOf = ({ id }: Entry) => id

const isSame = (one: Json | undefined, other: Json | undefined) =>
  one === other || hashKey([one]) === hashKey([other])

const isFields = (value: Json | undefined): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** Whether it is a list whose entries go by ids; an empty one has none that do not. */
const isList = (value: Json | undefined): value is Entry[] =>
  Array.isArray(value) && value.every((entry) => isFields(entry) && typeof entry.id === 'string')
