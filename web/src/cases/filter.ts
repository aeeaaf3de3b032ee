import type { CaseFilter, CaseSummary, Shelf } from '../api/client'

type Limits = NonNullable<CaseFilter['limits']>
type Sort = NonNullable<CaseFilter['sort']>
export type NextDay = NonNullable<CaseSummary['next']>['kind']

export const SHELVES: Record<Shelf, string> = {
  OPEN: 'Open cases',
  ARCHIVED: 'Archived',
  TEMPLATES: 'Templates',
  DELETED: 'Deleted',
}

export const SORTS: Record<Sort, string> = {
  SAVED: 'last saved',
  NEXT_DAY: 'next date',
  PAYMENT: 'monthly cost',
  LIMITS: 'fewest limits met',
  TITLE: 'name',
  ADVISOR: 'advisor',
}

export const LIMITS: Record<Limits, string> = {
  ALL_MET: 'all met',
  SOME_MET: 'some met',
  NONE_MET: 'none met',
  UNKNOWN: 'not known',
}

export const NEXT_DAYS: Record<NextDay, string> = {
  FIRST_PAYMENT: 'First payment',
  RATE_ENDS: 'Rate ends',
  INSURANCE_CAN_END: 'Insurance can end',
  INSURANCE_ENDS: 'Insurance ends',
  PAID_OFF: 'Paid off',
}

export const WITHIN: Record<string, string> = { '30': '30 days', '90': '90 days', '365': 'a year' }

const NAMES = [
  'search',
  'shelf',
  'sort',
  'advisor',
  'limits',
  'next',
  'nextWithinDays',
  'paymentFromCents',
  'paymentToCents',
] as const

/** What is chosen of the list, as the address carries it. */
export type ChosenFilter = Partial<Record<(typeof NAMES)[number], string | undefined>>

/** What only narrows the list, beside words, shelf and order. */
export const NARROWING = [
  'advisor',
  'limits',
  'next',
  'nextWithinDays',
  'paymentFromCents',
  'paymentToCents',
] as const satisfies readonly (keyof ChosenFilter)[]

/** What an address says, as far as it is known and can be read. */
export function chosenFilter(given: Record<string, unknown>): ChosenFilter {
  const known: ChosenFilter = {}
  for (const name of NAMES) {
    const value = given[name]
    if (typeof value === 'string' && READABLE[name](value)) known[name] = value
  }
  return known
}

const MOST_SEARCH_CHARACTERS = 200

const oneOf = (words: object) => (value: string) => Object.hasOwn(words, value)
const likeId = (value: string) => /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/.test(value)
const wholeNumber = (value: string) => /^\d{1,15}$/.test(value)

const READABLE: Record<keyof ChosenFilter, (value: string) => boolean> = {
  search: (value) => value !== '' && value.length <= MOST_SEARCH_CHARACTERS,
  shelf: oneOf(SHELVES),
  sort: oneOf(SORTS),
  advisor: likeId,
  limits: oneOf(LIMITS),
  next: oneOf(NEXT_DAYS),
  nextWithinDays: oneOf(WITHIN),
  paymentFromCents: wholeNumber,
  paymentToCents: wholeNumber,
}

/** The same as the server is asked it. */
export function askedFilter({
  nextWithinDays,
  paymentFromCents,
  paymentToCents,
  ...words
}: ChosenFilter): CaseFilter {
  return {
    ...(words as CaseFilter),
    ...(nextWithinDays && { nextWithinDays: Number(nextWithinDays) }),
    ...(paymentFromCents && { paymentFromCents: Number(paymentFromCents) }),
    ...(paymentToCents && { paymentToCents: Number(paymentToCents) }),
  }
}
