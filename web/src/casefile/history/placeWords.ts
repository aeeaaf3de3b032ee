import { formatEntry } from '../../format/amount'
import { formatDay } from '../../format/date'
import { formatPercent } from '../../format/percent'
import { formatTerm } from '../../format/term'
import { MARKETS, type Market } from '../../format/market'
import type { Names } from './names'

export type Json = null | boolean | number | string | Json[] | Fields | undefined
export type Fields = { [name: string]: Json }

/** Places of the document that people call otherwise than it does. */
const PLACES: Partial<Record<string, string>> = {
  amortizationMonths: 'term',
  rateTermMonths: 'rate fixed for',
  keptMonths: 'kept for',
  down: 'money down',
  atHandCents: 'money at hand',
  mustStayCents: 'money that must stay',
  lettingAddOnPercent: 'added for letting',
  homeValuePercent: 'home value a year',
  costChangePercent: 'costs a year',
  rentChangePercent: 'rent a year',
  marginalTaxPercent: 'tax on the last dollar',
  frequency: 'payments',
  financing: 'what is financed',
  interestOnlyPayments: 'interest-only payments',
  pricedOn: 'rate table',
  pricedAt: 'what it was priced for',
  handout: 'hand-out',
  letting: 'rental',
  home: 'home that is let',
  household: 'people and incomes',
  limitSet: 'limits',
  size: 'people in the household',
  score: 'credit score',
  underwriting: 'decided by',
  preparedFor: 'prepared for',
  conclusion: 'conclusion',
  recommended: 'recommended option',
  without: 'left out',
}

/** What one entry of a list is called. */
const ENTRIES: Partial<Record<string, string>> = {
  extras: 'extra payment',
  rateChanges: 'rate change',
  paymentSteps: 'payment step',
  incomes: 'income',
  debts: 'debt',
  people: 'person',
  properties: 'other home',
  items: 'closing cost',
}

/** Says little without what it belongs to. */
const NEEDS_OWNER = new Set(
  'cents percent day kind source about name amount per how basis area rateTermMonths lowCents highCents firstDay lastDay'.split(
    ' ',
  ),
)

const UNIT = /(Cents|Percent|Months)$/

/** A place in words: 'homeInsuranceCents' is 'home insurance'. */
export const placeWords = (name: string) => PLACES[name] ?? spaced(name.replace(UNIT, ''))

export const entryWords = (list: string) => ENTRIES[list] ?? spaced(list).replace(/s$/, '')

/** A place with what it belongs to, where it would say too little by itself. */
export function placeOf(owner: string | null, name: string): string {
  if (owner === null || !NEEDS_OWNER.has(name)) return placeWords(name)
  return name === 'cents' || name === 'percent'
    ? placeWords(owner)
    : `${placeWords(owner)} ${placeWords(name)}`
}

/** Places that say something by its id. */
const BY_ID = new Set(['limitSet', 'programme', 'person', 'recommended', 'debtsPaidOff'])

/** What stands at a place, in few words; what goes by an id by the name that `names` has for it. */
export function valueWords(name: string, value: Json, locale: string, names: Names): string {
  if (value === null || value === undefined || value === '') return 'none'
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (typeof value === 'number') return numberWords(name, value)
  if (typeof value === 'string') {
    if (BY_ID.has(name)) return names.get(value) ?? 'one that is deleted'
    return name === 'market' ? marketName(value) : textWords(value, locale)
  }
  if (Array.isArray(value)) {
    return value.length === 0 ? 'none' : value.map((each) => valueWords(name, each, locale, names)).join(', ')
  }
  if (isAmountOrShare(value)) {
    return value.percent === null
      ? valueWords('cents', value.cents, locale, names)
      : valueWords('percent', value.percent, locale, names)
  }
  return typeof value.kind === 'string' ? textWords(value.kind, locale) : 'set'
}

/** An amount, or the share that it is of something. */
export const isAmountOrShare = (value: Json): boolean =>
  isFields(value) && Object.keys(value).toSorted().join() === 'cents,percent'

export const isFields = (value: Json): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

function numberWords(name: string, value: number): string {
  if (/cents$/i.test(name)) return formatEntry(value)
  if (/percent$/i.test(name)) return formatPercent(value)
  if (/months$/i.test(name)) return formatTerm(value)
  return String(value)
}

const marketName = (market: string) => (market in MARKETS ? MARKETS[market as Market].name : market)

const LONGEST_TEXT = 60

function textWords(text: string, locale: string): string {
  if (/^\d{4}-\d\d-\d\d$/.test(text)) return formatDay(text, locale)
  if (/^[A-Z][A-Z_]{2,}$/.test(text) && !/^[A-Z]{3}$/.test(text))
    return text.toLowerCase().replaceAll('_', ' ')
  return text.length > LONGEST_TEXT ? `“${text.slice(0, LONGEST_TEXT)}…”` : `“${text}”`
}

const spaced = (name: string) => name.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`)
