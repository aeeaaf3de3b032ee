import { readAmount } from './amount'
import { read, unread, type Reading } from './reading'
import { addDays, addMonths } from './date'
import { readTerm } from './term'
import { readEnd, readTime, type Time } from './time'

/** What clients want to stay within, as the server is asked: cents, or a day; a balance by a day. */
export type Target =
  | { target: 'MONTHLY_TOTAL' | 'PAYMENT' | 'PAID_OFF_BY' | 'TOTAL_INTEREST'; limit: string }
  | { target: 'BALANCE_BY'; limit: string; by: string }

const HELP =
  'Enter a target such as “at most 2,350 a month”, “payment 1,350”, “paid off by 2045”, “at most 300k interest” or “balance at most 150k by 2032”.'
const AMOUNT = String.raw`((?:[a-z]{0,2}[$£€]|USD|CAD|GBP|AUD|NZD|EUR|CHF)?\s*[\d,'. ]*\d\s*[km]?)`
const LIMIT = String.raw`(?:(?:of\s+)?(?:at most|for|up to|under|below|no more than|max(?:imum)?\.?|≤)\s*)?`
const A_MONTH = String.raw`(?:\s*(?:a|per|each|every|\/)\s*m(?:onth|o)?|\s*monthly|\s*pm)`
const ALL_IN = String.raw`(?:\s*,?\s*all[- ]in)?`
const matching = (...patterns: string[]) => patterns.map((pattern) => new RegExp(`^${pattern}$`, 'i'))

/** A bare amount is what people ask for most: so much a month. */
const MONTHLY = matching(String.raw`(?:all[- ]in\s+)?${LIMIT}${AMOUNT}${ALL_IN}${A_MONTH}?${ALL_IN}`)
const INTEREST = matching(
  String.raw`${LIMIT}${AMOUNT}\s*(?:of\s+|in\s+)?(?:total\s+)?interest`,
  String.raw`(?:total\s+)?interest\s+${LIMIT}${AMOUNT}`,
)
const BALANCE = matching(
  String.raw`${LIMIT}${AMOUNT}\s*(?:owed|left|balance)\s+(?:by|in|on)\s+(.+)`,
  String.raw`balance\s+${LIMIT}${AMOUNT}\s+(?:by|in|on)\s+(.+)`,
)
const BY = matching(String.raw`(?:paid off|pay(?:ing)? (?:it )?off|done|free|over)?\s*(?:by|until)\s+(.+)`)
/** Before a time is by the day before it begins. */
const BEFORE = matching(String.raw`(?:paid off|pay(?:ing)? (?:it )?off|done|free|over)?\s*before\s+(.+)`)
const WITHIN = matching(
  String.raw`(?:paid off|pay(?:ing)? (?:it )?off|done|free|over)?\s*(?:in|within)\s+(\d{1,2}(?:\.\d)?\s*y.*|\d{1,3}\s*m.*)`,
)
/** What is said of the loan's own payment, which is a part of what goes out a month. */
const PAYMENT = matching(
  String.raw`(?:(?:the |a )?(?:loan )?payment|principal (?:and|&) interest|p\s?&\s?i|pi)\s+(?:of\s+)?${LIMIT}${AMOUNT}${A_MONTH}?`,
)

const firstMatch = (patterns: readonly RegExp[], text: string) =>
  patterns.map((pattern) => pattern.exec(text)).find((match) => match !== null)

/**
 * A target as typed: all in at most 2,350 a month; payment 1,350; paid off by 2045, before 2044 or in 20 years; at most 300k interest;
 * balance at most 150k by 2032.
 *
 * @param from the day from which years to come are counted, as an ISO text
 */
export function readTarget(text: string, locale: string, from: string): Reading<Target> {
  const plain = text.trim()
  const payment = firstMatch(PAYMENT, plain)
  if (payment) return amountTarget('PAYMENT', payment[1] ?? '')
  const monthly = firstMatch(MONTHLY, plain)
  if (monthly) return amountTarget('MONTHLY_TOTAL', monthly[1] ?? '')
  const interest = firstMatch(INTEREST, plain)
  if (interest) return amountTarget('TOTAL_INTEREST', interest[1] ?? '')
  const balance = firstMatch(BALANCE, plain)
  if (balance) return balanceTarget(balance[1] ?? '', balance[2] ?? '', locale)
  const within = firstMatch(WITHIN, plain)
  if (within) return withinTarget(within[1] ?? '', from)
  const before = firstMatch(BEFORE, plain)
  if (before) return dayTarget(readTime(before[1] ?? '', locale), -1)
  const by = firstMatch(BY, plain)
  return by ? dayTarget(readEnd(by[1] ?? '', locale), 0) : unread(HELP)
}

const dayTarget = (time: Reading<Time>, days: number): Reading<Target> =>
  time.status === 'read' && time.value.day !== null
    ? read({ target: 'PAID_OFF_BY', limit: addDays(time.value.day, days) })
    : unread(HELP)

function withinTarget(span: string, from: string): Reading<Target> {
  const term = readTerm(span)
  return term.status === 'read'
    ? read({ target: 'PAID_OFF_BY', limit: addMonths(from, term.value) })
    : unread(HELP)
}

function balanceTarget(text: string, by: string, locale: string): Reading<Target> {
  const amount = readAmount(text)
  const end = readEnd(by, locale)
  return amount.status === 'read' && end.status === 'read' && end.value.day !== null
    ? read({ target: 'BALANCE_BY', limit: String(amount.value), by: end.value.day })
    : unread(HELP)
}

function amountTarget(target: 'MONTHLY_TOTAL' | 'PAYMENT' | 'TOTAL_INTEREST', text: string): Reading<Target> {
  const amount = readAmount(text)
  return amount.status === 'read' ? read({ target, limit: String(amount.value) }) : unread(HELP)
}
