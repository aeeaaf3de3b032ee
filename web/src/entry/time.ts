import { readDay } from './date'
import { incomplete, read, unread, type Reading } from './reading'

/** A point in a loan's life: a payment by its number, or a day. */
export type Time = { payment: number; day: null } | { payment: null; day: string }

const HELP = 'Enter a payment such as 118, or a date such as Oct 2031.'
const MOST_PAYMENTS = 2600
/** The word before a payment's number, as far as it is typed. */
const UNFINISHED = /^(?:p(?:m|ay)?|pmt|pay[ment]{0,4}|no\.?|#)$/
const YEAR = /^(19[5-9]\d|20\d\d|21[0-4]\d)$/

const atPayment = (payment: number): Time => ({ payment, day: null })
const onDay = (day: string): Time => ({ payment: null, day })

/** A point as typed: payment 118, 118th, #118, 118, Oct 2031, 2031 (the year's first day), 1 March 2031. */
export function readTime(text: string, locale: string): Reading<Time> {
  return timeIn(text, locale, (year) => `${year}-01-01`)
}

/** An end as typed: as a point, but a month or a year is counted to its last day. */
export function readEnd(text: string, locale: string): Reading<Time> {
  const time = timeIn(text, locale, (year) => `${year}-12-31`)
  if (time.status !== 'read' || time.value.day === null || /\d.*\D.*\d{4}|-.*-/.test(text.trim())) return time
  return read(onDay(YEAR.test(text.trim()) ? time.value.day : lastOfMonth(time.value.day)))
}

function timeIn(text: string, locale: string, yearAs: (year: string) => string): Reading<Time> {
  const plain = text.trim().toLowerCase()
  if (YEAR.test(plain)) return read(onDay(yearAs(plain)))
  const number = /^(?:payment|pmt|no\.?|#)?\s*(\d{1,4})(?:st|nd|rd|th)?$/.exec(plain)
  if (number) {
    const payment = Number(number[1])
    return payment >= 1 && payment <= MOST_PAYMENTS ? read(atPayment(payment)) : unread(HELP)
  }
  const month = /^(\d{4})-(\d{1,2})$/.exec(plain)
  const day = readDay(month ? `${plain}-1` : text, locale)
  if (day.status === 'read') return read(onDay(day.value))
  return day.status === 'incomplete' || UNFINISHED.test(plain) ? incomplete(HELP) : unread(HELP)
}

function lastOfMonth(day: string): string {
  const [year = 0, month = 1] = day.split('-').map(Number)
  return new Date(Date.UTC(year, month, 0)).toISOString().slice(0, 10)
}

/** From and to, both counted. */
export type Span = { from: Time; to: Time }

/** A span as typed: 13-24, payments 13 to 24, 2033, 2033 to 2035, Mar 2031 – Feb 2032. */
export function readSpan(text: string, locale: string): Reading<Span> {
  const plain = text.trim().replace(/^payments?\s+/i, '')
  const [first = '', second] = plain.split(/\s*(?:–|—|\bto\b|\.\.)\s*|(?<=^\d{1,4})\s*-\s*(?=\d{1,4}$)/i)
  const from = readTime(first, locale)
  const to = readEnd(second ?? first, locale)
  if (from.status !== 'read') return from
  if (to.status !== 'read') return to
  return read({ from: from.value, to: to.value })
}
