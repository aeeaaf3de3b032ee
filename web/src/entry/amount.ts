import { incomplete, read, unread, type Reading } from './reading'

const SCALES: Record<string, number> = { k: 1_000, m: 1_000_000 }
const MOST_DIGITS = 12
const HELP = 'Enter an amount such as 468,500 or 82k.'

const CURRENCY = String.raw`(?:(?:US|CA|C|AU|A|NZ)?\$|£|€|USD|CAD|GBP|AUD|NZD|EUR|CHF)`
/** Digits without groups, or all of them in groups of three parted by the same sign. */
const DIGITS = String.raw`\d*|\d{1,3}(?:([,'’ \u00a0\u202f])\d{3})(?:\2\d{3})*`
const AMOUNT = new RegExp(String.raw`^${CURRENCY}?\s*(${DIGITS})(?:\.(\d*))?\s*([km])?\s*${CURRENCY}?$`, 'i')
/** A last group that is still short of digits. */
const UNFINISHED_GROUP = new RegExp(
  String.raw`^${CURRENCY}?\s*\d{1,3}(?:[,'’ \u00a0\u202f]\d{3})*[,'’ \u00a0\u202f]\d{0,2}$`,
  'i',
)

/** An amount as typed, in cents: 82k, 1.25m, 468,500.50. At most two decimals count. */
export function readAmount(text: string): Reading<number> {
  const plain = text.trim()
  const match = AMOUNT.exec(plain)
  const digits = match?.[1]?.replace(/\D/g, '') ?? ''
  const decimals = match?.[3] ?? ''
  if (!match || digits + decimals === '') return noAmount(plain)
  if (digits.length > MOST_DIGITS) return unread('An amount is below 1,000,000,000.')
  const scale = SCALES[match[4]?.toLowerCase() ?? ''] ?? 1
  const cents = Number(`${digits || '0'}.${decimals || '0'}`) * scale * 100
  const wholeCents = Math.round(cents)
  return Math.abs(cents - wholeCents) > 1e-4
    ? unread('An amount has at most two decimals.')
    : read(wholeCents)
}

function noAmount(plain: string): Reading<number> {
  if (plain.startsWith('-')) return unread('An amount is not negative.')
  return UNFINISHED_GROUP.test(plain) ? incomplete(HELP) : unread(HELP)
}
