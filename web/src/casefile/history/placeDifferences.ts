import type { CaseDocument } from '../../api/client'
import { namesIn, type Names } from './names'
import {
  entryWords,
  isAmountOrShare,
  isFields,
  placeOf,
  valueWords,
  type Fields,
  type Json,
} from './placeWords'

/** A place in which two states of a case differ, and what each says there; null where an entry of a list is not there. */
export type PlaceDifference = { of: string; was: string | null; is: string | null }

const THERE = 'there'

type Entry = Fields & { id: string }

/** Not for people: what entries and rate tables go by, beside their names, and the number of the format. */
const UNSAID = new Set(['id', 'format', 'tableId'])

/** Every place in which a state says otherwise than the one before, whatever it is. */
export function placeDifferences(
  before: CaseDocument,
  after: CaseDocument,
  locale: string,
  kept: Names,
): PlaceDifference[] {
  const [wereNames, areNames] = [namesIn(before), namesIn(after)]
  const names = new Map([...kept, ...areNames, ...wereNames])
  const { options: wereOptions, ...was } = before as unknown as Fields
  const { options: areOptions, ...is } = after as unknown as Fields
  const of = (context: string, place: string) => (context === '' ? place : `${context}: ${place}`)

  const inFields = (context: string, owner: string | null, one: Fields, other: Fields): PlaceDifference[] =>
    [...new Set([...Object.keys(one), ...Object.keys(other)])]
      .filter((name) => !UNSAID.has(name))
      .flatMap((name) => inValue(context, owner, name, one[name], other[name]))

  const inValue = (
    context: string,
    owner: string | null,
    name: string,
    one: Json,
    other: Json,
  ): PlaceDifference[] => {
    if (isSame(one, other)) return []
    if (isEntries(one) && isEntries(other)) return inEntries(context, name, one, other)
    if (isFields(one) && isFields(other) && !isAmountOrShare(one) && one.kind === other.kind) {
      return inFields(context, name, one, other)
    }
    return [
      {
        of: of(context, placeOf(owner, name)),
        was: valueWords(name, one, locale, names),
        is: valueWords(name, other, locale, names),
      },
    ]
  }

  const inEntries = (context: string, list: string, one: Entry[], other: Entry[]): PlaceDifference[] =>
    idsOf(one, other).flatMap((id) => {
      const [old, now] = [one, other].map((entries) => entries.find((entry) => entry.id === id))
      const title = of(context, `${entryWords(list)} ${titleOf(now ?? old, now ? other : one)}`)
      if (!old || !now) return [{ of: title, was: old ? THERE : null, is: now ? THERE : null }]
      return inFields(title, null, old, now)
    })

  const inOptions = (one: Entry[], other: Entry[]): PlaceDifference[] => {
    const areMany = one.length + other.length > 2
    const changes = idsOf(one, other).flatMap((id) => {
      const [old, now] = [one, other].map((options) => options.find((option) => option.id === id))
      const title = areMany ? (names.get(id) ?? '') : ''
      if (!old || !now) return [{ of: title, was: old ? THERE : null, is: now ? THERE : null }]
      return inFields(title, null, old, now)
    })
    const [first, newFirst] = [one[0], other[0]]
    return first?.id === newFirst?.id || !one.some(({ id }) => id === newFirst?.id)
      ? changes
      : [
          ...changes,
          {
            of: 'baseline',
            was: names.get(first?.id ?? '') ?? '',
            is: names.get(newFirst?.id ?? '') ?? '',
          },
        ]
  }

  return [
    ...inOptions((wereOptions ?? []) as Entry[], (areOptions ?? []) as Entry[]),
    ...inFields('', null, was, is),
  ]
}

const idsOf = (one: Entry[], other: Entry[]) => [...new Set([...other, ...one].map(({ id }) => id))]

const titleOf = (entry: Entry | undefined, list: Entry[]): string =>
  typeof entry?.name === 'string' && entry.name !== ''
    ? entry.name
    : String(list.findIndex(({ id }) => id === entry?.id) + 1)

const isSame = (one: Json, other: Json) => JSON.stringify(one ?? null) === JSON.stringify(other ?? null)

/** Whether it is a list whose entries go by ids; an empty one has none that do not. */
const isEntries = (value: Json): value is Entry[] =>
  Array.isArray(value) && value.every((entry) => isFields(entry) && typeof entry.id === 'string')
