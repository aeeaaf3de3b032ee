import { hashKey } from '@tanstack/react-query'
import type { CaseDocument } from '../../api/client'
import { MOST_OPTIONS } from '../options'

type Json = null | boolean | number | string | Json[] | Fields
type Fields = { [name: string]: Json }
type Entry = Fields & { id: string }

/** Whose a place is to be where both changed it otherwise. */
export type Side = 'mine' | 'theirs'

/** Whose a place is to be, by the names and ids that lead to it: '/options/a81c/terms/ratePercent'. */
type Choose = (place: string) => Side

/**
 * What two people made of one document, with the changes of both. A place that both changed otherwise is a value, a list
 * that has no ids, an entry of one that has or the order of its entries; it is as it is chosen to be.
 */
export function mergeBy(
  choose: Choose,
  base: CaseDocument,
  mine: CaseDocument,
  theirs: CaseDocument,
): CaseDocument {
  const merged = mergeValue(choose, '', base, mine, theirs) as CaseDocument
  const count = merged.options.length
  if (count > 0 && count <= MOST_OPTIONS) return merged
  return { ...merged, options: (choose('/options') === 'mine' ? mine : theirs).options }
}

/** The places that both changed otherwise. */
export function overlaps(base: CaseDocument, mine: CaseDocument, theirs: CaseDocument): readonly string[] {
  const places: string[] = []
  const noting = (place: string): Side => {
    places.push(place)
    return 'mine'
  }
  mergeBy(noting, base, mine, theirs)
  return places
}

/** The same with the changes of both; null where they changed the same place otherwise. */
export function merge(base: CaseDocument, mine: CaseDocument, theirs: CaseDocument): CaseDocument | null {
  return overlaps(base, mine, theirs).length > 0 ? null : mergeBy(() => 'mine', base, mine, theirs)
}

function mergeValue(choose: Choose, place: string, base: Json | undefined, mine: Json, theirs: Json): Json {
  if (isSame(mine, theirs) || isSame(base, theirs)) return mine
  if (isSame(base, mine)) return theirs
  if (isList(base) && isList(mine) && isList(theirs)) return mergeList(choose, place, base, mine, theirs)
  if (isFields(base) && isFields(mine) && isFields(theirs) && hasSameNames(mine, theirs)) {
    return mergeFields(choose, place, base, mine, theirs)
  }
  return choose(place) === 'mine' ? mine : theirs
}

function mergeFields(choose: Choose, place: string, base: Fields, mine: Fields, theirs: Fields): Fields {
  return Object.assign(
    {},
    ...valuesOf(Object.keys(mine)).map((names) => {
      const [was, own, other] = [base, mine, theirs].map((fields) => only(fields, names))
      const [name = '', ...others] = names
      if (others.length === 0) {
        return {
          [name]: mergeValue(
            choose,
            `${place}/${name}`,
            base[name],
            mine[name] ?? null,
            theirs[name] ?? null,
          ),
        }
      }
      if (isSame(own, other) || isSame(was, other)) return own
      if (isSame(was, own)) return other
      return choose(`${place}/${name}`) === 'mine' ? own : other
    }),
  ) as Fields
}

/** Fields that are one value: of both states one, never a part of each. */
const ONE_VALUE: readonly (readonly string[])[] = [
  ['cents', 'percent'],
  ['fromPayment', 'fromDay'],
  ['firstPayment', 'firstDay'],
  ['lastPayment', 'lastDay'],
  ['per', 'hoursPerWeek'],
  // What an option was priced for.
  ['ratePercent', 'pointsPercent', 'loanToValuePercent', 'score'],
  // An estimate belongs to the figure that it became.
  ['propertyTax', 'propertyTaxEstimate'],
  ['homeInsuranceCents', 'homeInsuranceEstimate'],
  ['appraisalCents', 'appraisalEstimate'],
  ['valueCents', 'valueEstimate'],
  ['rentCents', 'rentEstimate'],
]

/** The names of an object's fields, those together that are one value. */
function valuesOf(names: readonly string[]): readonly (readonly string[])[] {
  const together = ONE_VALUE.filter((value) => value.every((name) => names.includes(name)))
  const alone = names.filter((name) => !together.some((value) => value.includes(name)))
  return [...together, ...alone.map((name) => [name])]
}

const only = (fields: Fields, names: readonly string[]): Fields =>
  Object.fromEntries(names.map((name) => [name, fields[name] ?? null]))

/** Entries go by their ids: what one added or took away holds for both, unless the other changed it. */
function mergeList(choose: Choose, place: string, base: Entry[], mine: Entry[], theirs: Entry[]): Json[] {
  return mergeOrder(choose, place, base.map(idOf), mine.map(idOf), theirs.map(idOf)).flatMap((id) => {
    const [was, own, other] = [base, mine, theirs].map((list) => list.find((entry) => entry.id === id))
    if (own && other) return [mergeValue(choose, `${place}/${id}`, was, own, other)]
    const left = own ?? other
    if (!left) return []
    if (!was) return [left]
    if (isSame(was, left)) return []
    const chosen = choose(`${place}/${id}`) === 'mine' ? own : other
    return chosen ? [chosen] : []
  })
}

/** The ids of both, in the order of the one who changed it; what the other added stands last. */
function mergeOrder(
  choose: Choose,
  place: string,
  base: string[],
  mine: string[],
  theirs: string[],
): string[] {
  const both = (list: string[]) =>
    list.filter((id) => [base, mine, theirs].every((each) => each.includes(id)))
  const isKept = (list: string[]) => isSame(both(list), both(base))
  const side = isKept(mine)
    ? 'theirs'
    : isKept(theirs) || isSame(both(mine), both(theirs))
      ? 'mine'
      : choose(`${place}/order`)
  const [first, second] = side === 'mine' ? [mine, theirs] : [theirs, mine]
  return [...first, ...second.filter((id) => !first.includes(id))]
}

const hasSameNames = (one: Fields, other: Fields) =>
  isSame(Object.keys(one).toSorted(), Object.keys(other).toSorted())

const idOf = ({ id }: Entry) => id

const isSame = (one: Json | undefined, other: Json | undefined) =>
  one === other || hashKey([one]) === hashKey([other])

const isFields = (value: Json | undefined): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** Whether it is a list whose entries go by ids; an empty one has none that do not. */
const isList = (value: Json | undefined): value is Entry[] =>
  Array.isArray(value) && value.every((entry) => isFields(entry) && typeof entry.id === 'string')
