import { readAmount } from './amount'
import { read, unread, type Reading } from './reading'
import { readEnd } from './time'

/** What clients wish to stay within, as the server is asked: cents, or a day. */
export type Wish = { wish: 'MONTHLY_TOTAL' | 'PAID_OFF_BY' | 'TOTAL_INTEREST'; limit: string }

const HELP = 'Ask for “at most 2,350 a month”, “paid off by 2045” or “at most 300k interest”.'
const AMOUNT = String.raw`([^\d\s]{0,3}[\d,'. ]*\d\s*[km]?)`
const MONTHLY = new RegExp(
  String.raw`^(?:all in\s+)?(?:at most|for|up to|under|max\.?)?\s*${AMOUNT}\s*(?:a|per|\/)\s*m(?:onth|o)?$`,
  'i',
)
const INTEREST = new RegExp(
  String.raw`^(?:at most|for|up to|under|max\.?)?\s*${AMOUNT}\s*(?:of\s+|in\s+)?(?:total\s+)?interest$`,
  'i',
)
const BY = /^(?:paid off|pay off|done|free|over)?\s*(?:by|until)\s+(.+)$/i

/** A wish as typed: all in at most 2,350 a month; paid off by 2045; at most 300k interest. */
export function readWish(text: string, locale: string): Reading<Wish> {
  const plain = text.trim()
  const monthly = MONTHLY.exec(plain)
  if (monthly) return amountWish('MONTHLY_TOTAL', monthly[1] ?? '')
  const interest = INTEREST.exec(plain)
  if (interest) return amountWish('TOTAL_INTEREST', interest[1] ?? '')
  const by = BY.exec(plain)
  if (!by) return unread(HELP)
  const end = readEnd(by[1] ?? '', locale)
  return end.status === 'read' && end.value.day !== null
    ? read({ wish: 'PAID_OFF_BY', limit: end.value.day })
    : unread(HELP)
}

function amountWish(wish: Wish['wish'], text: string): Reading<Wish> {
  const amount = readAmount(text)
  return amount.status === 'read' ? read({ wish, limit: String(amount.value) }) : unread(HELP)
}
