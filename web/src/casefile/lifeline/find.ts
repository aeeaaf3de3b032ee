import { readSpan, readTime, type Time } from '../../entry/time'
import { formatDay } from '../../format/date'
import { paymentAt, rangeOf, type Life, type PaymentRange } from './life'

/** What a text looks for in a schedule: a payment, several of them, or nothing that it has, with the reason. */
export type Found =
  | { kind: 'payment'; payment: number }
  | { kind: 'range'; range: PaymentRange }
  | { kind: 'none'; message: string }

const HELP = 'Enter a payment such as 118, a month such as Oct 2031, or a period such as 13 to 24 or year 7.'
const YEAR_OF_LOAN = /^year\s+(\d{1,2})$/i
const YEARS_OF_LOAN = /^years\s+(\d{1,2})\s*(?:to|-|–|until)\s*(\d{1,2})$/i
const YEARS_ON = /^(\d{1,2})\s*(?:years?|yrs?|y)$/i
const CALENDAR_YEAR = /^\d{4}$/

/** Looks for 118, Oct 2031, 2031-10, 7 years (the payment that completes them), year 7, 13 to 24, 2033. */
export function find(life: Life, perYear: number, text: string, locale: string): Found {
  const plain = text.trim()
  const year = YEAR_OF_LOAN.exec(plain)
  if (year) return yearsOfLoan(life, perYear, Number(year[1]), Number(year[1]))
  const run = YEARS_OF_LOAN.exec(plain)
  if (run) return yearsOfLoan(life, perYear, Number(run[1]), Number(run[2]))
  const years = YEARS_ON.exec(plain)
  if (years) return point(life, { payment: Number(years[1]) * perYear, day: null }, locale)
  const time = readTime(plain, locale)
  if (time.status === 'read' && !CALENDAR_YEAR.test(plain)) return point(life, time.value, locale)
  const span = readSpan(plain, locale)
  if (span.status !== 'read') return { kind: 'none', message: HELP }
  const outside = whyOutside(life, span.value.from, locale)
  return outside === null
    ? { kind: 'range', range: rangeOf(life, span.value) }
    : { kind: 'none', message: outside }
}

function yearsOfLoan(life: Life, perYear: number, from: number, to: number): Found {
  const first = (from - 1) * perYear + 1
  if (to < from) return { kind: 'none', message: HELP }
  return from < 1 || first > life.payments
    ? { kind: 'none', message: `The loan has no year ${from}: it ends with payment ${life.payments}.` }
    : { kind: 'range', range: { first, last: Math.min(to * perYear, life.payments) } }
}

function point(life: Life, time: Time, locale: string): Found {
  const outside = whyOutside(life, time, locale)
  return outside === null
    ? { kind: 'payment', payment: paymentAt(life, time) }
    : { kind: 'none', message: outside }
}

/** Why a loan has no payment at a point; null where it has one. */
function whyOutside({ payments, schedule: { dates } }: Life, { payment, day }: Time, locale: string) {
  if (payment !== null) {
    return payment <= payments ? null : `There is no payment ${payment}: the last is payment ${payments}.`
  }
  const [last] = dates.slice(-1)
  return last !== undefined && day > last ? `The last payment is on ${formatDay(last, locale)}.` : null
}
