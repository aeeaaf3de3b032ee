import type { CaseDocument } from '../api/client'
import { incomplete, read, unread, type Reading } from './reading'

type Currency = CaseDocument['currency']

/** What is known of the place that a text is typed in. */
export type Where = { currency: Currency }

const SCALES: Record<string, number> = { k: 1_000, m: 1_000_000 }
const MOST_DIGITS = 12
const HELP = 'Enter an amount such as 468,500 or 82k.'

/** What each sign of a currency can stand for. */
const SIGNS: Record<string, readonly Currency[]> = {
  $: ['USD', 'CAD', 'AUD', 'NZD'],
  US$: ['USD'],
  CA$: ['CAD'],
  C$: ['CAD'],
  AU$: ['AUD'],
  A$: ['AUD'],
  NZ$: ['NZD'],
  '£': ['GBP'],
  '€': ['EUR'],
}
const CURRENCY = String.raw`((?:US|CA|C|AU|A|NZ)?\$|£|€|USD|CAD|GBP|AUD|NZD|EUR|CHF)?`
/** Digits without groups, or all of them in groups of three parted by the same sign. */
const DIGITS = String.raw`(\d*|\d{1,3}(?:([,'’ \u00a0\u202f])\d{3})(?:\3\d{3})*)`
const AMOUNT = new RegExp(String.raw`^${CURRENCY}\s*${DIGITS}(?:\.(\d*))?\s*([km])?\s*${CURRENCY}$`, 'i')
/** A last group that is still short of digits. */
const UNFINISHED_GROUP = /^\D*\d{1,3}(?:[,'’ \u00a0\u202f]\d{3})*[,'’ \u00a0\u202f]\d{0,2}$/
/** Thousands parted by a point, as many write them: 450.000 is hardly 450. */
const POINTED = /^0*[1-9]\d{0,2}(?:\.\d{3})+$/

/**
 * An amount as typed, in cents: 82k, 1.25m, 468,500.50. At most two decimals count; what may be another amount is asked.
 *
 * @param where which currency it is in, where that is known: another one's sign is no amount of it
 */
export function readAmount(text: string, _before?: string, where?: Where): Reading<number> {
  const plain = text.trim()
  const [, before, groups = '', , decimals = '', scale, behind] = AMOUNT.exec(plain) ?? []
  const digits = groups.replace(/\D/g, '')
  const bare = plain.replace(/^[^\d.]+|[^\d.]+$/g, '')
  if (scale === undefined && POINTED.test(bare)) return asked(bare)
  if (digits + decimals === '') return noAmount(plain)
  const foreign =
    where && [before, behind].find((sign) => sign !== undefined && !stands(sign, where.currency))
  if (foreign) return isForeign(foreign, where.currency)
  if (digits.length > MOST_DIGITS) return unread('An amount is below 1,000,000,000.')
  const cents =
    Number(`${digits || '0'}.${decimals || '0'}`) * (SCALES[scale?.toLowerCase() ?? ''] ?? 1) * 100
  const wholeCents = Math.round(cents)
  return Math.abs(cents - wholeCents) > 1e-4
    ? unread('An amount has at most two decimals.')
    : read(wholeCents)
}

const isForeign = (sign: string, currency: Currency) =>
  unread(`Amounts here are in ${currency}, and ${sign} is another currency.`)

const ANY_SIGN = /(?:US|CA|C|AU|A|NZ)?\$|£|€/gi

/** Why a line of several figures is of another currency; null where it is of its own, or that is not known. */
export function foreignIn(line: string, where: Where | undefined): Reading<never> | null {
  const sign = where && line.match(ANY_SIGN)?.find((each) => !stands(each, where.currency))
  return sign ? isForeign(sign, where.currency) : null
}

/** The same where amounts are in a currency that is known. */
export const amountIn =
  (where: Where | undefined) =>
  (text: string): Reading<number> =>
    readAmount(text, undefined, where)

const stands = (sign: string, currency: Currency) =>
  (SIGNS[sign.toUpperCase()] ?? [sign.toUpperCase()]).includes(currency)

function asked(pointed: string): Reading<never> {
  const thousands = pointed.replaceAll('.', ',')
  const [units] = pointed.split('.')
  return incomplete(
    `Is that ${thousands}? Type ${thousands}${pointed.split('.').length === 2 ? ` or ${units}.00` : ''}.`,
  )
}

function noAmount(plain: string): Reading<number> {
  if (plain.startsWith('-')) return unread('An amount is not negative.')
  return UNFINISHED_GROUP.test(plain) ? incomplete(HELP) : unread(HELP)
}
