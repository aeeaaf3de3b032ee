import { read, unread, type Reading } from './reading'

const SCALES: Record<string, number> = { k: 1_000, m: 1_000_000 }
const MOST_DIGITS = 12
const HELP = 'Enter an amount such as 468,500 or 82k.'

/** An amount as typed, in cents: 82k, 1.25m, 468,500.50. At most two decimals count. */
export function readAmount(text: string): Reading<number> {
  const match = /^[^\d.,-]{0,3}([\d,' ]*)(?:\.(\d*))?\s*([km])?[^\d.,-]{0,3}$/i.exec(text.trim())
  const digits = match?.[1]?.replace(/[,' ]/g, '') ?? ''
  const decimals = match?.[2] ?? ''
  if (!match || digits + decimals === '')
    return unread(text.trim().startsWith('-') ? 'An amount is not negative.' : HELP)
  if (digits.length > MOST_DIGITS) return unread('An amount is below 1,000,000,000.')
  const scale = SCALES[match[3]?.toLowerCase() ?? ''] ?? 1
  const cents = Number(`${digits || '0'}.${decimals || '0'}`) * scale * 100
  const wholeCents = Math.round(cents)
  return Math.abs(cents - wholeCents) > 1e-4
    ? unread('An amount has at most two decimals.')
    : read(wholeCents)
}
