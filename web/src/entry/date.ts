import { incomplete, read, unread, type Reading } from './reading'

const MONTHS = [
  'january',
  'february',
  'march',
  'april',
  'may',
  'june',
  'july',
  'august',
  'september',
  'october',
  'november',
  'december',
]
const HELP = 'Enter a date such as 1 March 2027 or Mar 2027.'

/**
 * A day as typed, as an ISO text: 1 March 2027, Mar 1 2027, Mar 2027 (its first), 2027-03-01, and 3/1/2027 in the
 * order that the locale writes it. 1 March is the next one.
 */
export function readDay(text: string, locale: string): Reading<string> {
  const plain = text.trim().toLowerCase().replace(/,/g, ' ')
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(plain)
  if (iso) return day(iso[1], iso[2], iso[3])
  const slashed = /^(\d{1,2})[/.](\d{1,2})[/.](\d{4}|\d{2})$/.exec(plain)
  // 20 begins a year of this century more often than it is one.
  if (slashed && slashed[3] !== '20') {
    const year = fullYear(slashed[3])
    return writesMonthFirst(locale) ? day(year, slashed[1], slashed[2]) : day(year, slashed[2], slashed[1])
  }
  const parted = /^(\d{1,2})[/.](\d{2})$/.exec(plain)
  if (parted) return monthAndYear(parted[1], parted[2], locale)
  const short = /^([a-z]{3,9})\.?\s+'?(\d{2})$/.exec(plain)
  if (short && monthNumber(short[1]) !== '0') return dayOrYear(monthNumber(short[1]), short[2], locale)
  const dayFirst = /^(?:(\d{1,2})(?:st|nd|rd|th)?\s+)?([a-z]{3,9})\.?\s+(\d{4})$/.exec(plain)
  if (dayFirst) return day(dayFirst[3], monthNumber(dayFirst[2]), dayFirst[1] ?? '1')
  const monthFirst = /^([a-z]{3,9})\.?\s+(\d{1,2})(?:st|nd|rd|th)?\s+(\d{4})$/.exec(plain)
  if (monthFirst) return day(monthFirst[3], monthNumber(monthFirst[1]), monthFirst[2])
  const yearless =
    /^(?:([a-z]{3,9})\.?\s+(?:(\d)|(\d{1,2})(?:st|nd|rd|th))|(\d{1,2})(?:st|nd|rd|th)?\s+([a-z]{3,9})\.?)$/.exec(
      plain,
    )
  if (yearless && monthNumber(yearless[1] ?? yearless[5]) !== '0') {
    return nextOf(monthNumber(yearless[1] ?? yearless[5]), yearless[2] ?? yearless[3] ?? yearless[4])
  }
  return isUnfinished(plain) ? incomplete(HELP) : unread(HELP)
}

/** A day without its year is the next there is. */
function nextOf(month: string, ofMonth = ''): Reading<string> {
  const today = new Date().toISOString().slice(0, 10)
  const year = Number(today.slice(0, 4))
  const next = day(String(year), month, ofMonth)
  return next.status === 'read' && next.value < today ? day(String(year + 1), month, ofMonth) : next
}

const fullYear = (year = '') => (year.length === 2 ? `20${year}` : year)

/** 4/27 is a month and a year where it can be no day: else that is asked. */
function monthAndYear(first = '', second = '', locale: string): Reading<string> {
  const isDay = writesMonthFirst(locale)
    ? Number(first) <= MONTHS.length && Number(second) <= MOST_DAYS
    : Number(second) <= MONTHS.length && Number(first) <= MOST_DAYS
  const month = day(fullYear(second), first, '1')
  if (!isDay || month.status !== 'read') return month
  const [monthOfDay, ofMonth] = writesMonthFirst(locale) ? [first, second] : [second, first]
  return askedWhich(month.value, monthOfDay, ofMonth, locale)
}

/** Mar 27 is a month of 2027 or the 27th of a March: that is asked, unless no month has such a day. */
function dayOrYear(month: string, figures = '', locale: string): Reading<string> {
  const ofYear = day(fullYear(figures), month, '1')
  return Number(figures) > MOST_DAYS || Number(figures) === 0 || ofYear.status !== 'read'
    ? ofYear
    : askedWhich(ofYear.value, month, figures, locale)
}

const MOST_DAYS = 31

function askedWhich(month: string, monthOfDay: string, ofMonth: string, locale: string): Reading<string> {
  const written = new Intl.DateTimeFormat(locale, { month: 'short', year: 'numeric', timeZone: 'UTC' })
  const name = MONTHS[Number(monthOfDay) - 1] ?? ''
  const shortName = `${name.charAt(0).toUpperCase()}${name.slice(1, 3)}`
  const year = month.slice(0, 4)
  return incomplete(
    `Is that ${written.format(new Date(`${month}T00:00:00Z`))} or ${Number(ofMonth)} ${shortName}? Type it with its year, such as ${Number(ofMonth)} ${shortName} ${year}.`,
  )
}

const ORDINAL = '(?:s|st|n|nd|r|rd|t|th)?'
/** A date that may still be typed to its end, with the letters of a month where it has any. */
const UNFINISHED = [
  String.raw`\d{1,4}${ORDINAL}`,
  String.raw`\d{4}-(?:\d{1,2}-?)?`,
  String.raw`\d{1,2}[/.](?:\d{1,2}(?:[/.]\d{0,3})?)?`,
  String.raw`(?:\d{1,2}${ORDINAL}\s+)?([a-z]+)\.?(?:\s+\d{1,3})?`,
  String.raw`([a-z]+)\.?\s+\d{1,2}${ORDINAL}(?:\s+\d{1,3})?`,
].map((pattern) => new RegExp(`^${pattern}$`))

const isUnfinished = (plain: string) =>
  UNFINISHED.some((pattern) => {
    const match = pattern.exec(plain)
    return match !== null && MONTHS.some((month) => month.startsWith(match[1] ?? ''))
  })

/** The day so many days after another. */
export function addDays(isoDate: string, days: number): string {
  const date = new Date(`${isoDate}T00:00:00Z`)
  date.setUTCDate(date.getUTCDate() + days)
  return date.toISOString().slice(0, 10)
}

/** The same day some months on; the last of the month where it is shorter. */
export function addMonths(isoDate: string, months: number): string {
  const [year = 0, month = 1, dayOfMonth = 1] = isoDate.split('-').map(Number)
  const first = new Date(Date.UTC(year, month - 1 + months, 1))
  const last = new Date(Date.UTC(first.getUTCFullYear(), first.getUTCMonth() + 1, 0)).getUTCDate()
  first.setUTCDate(Math.min(dayOfMonth, last))
  return first.toISOString().slice(0, 10)
}

/** How many months one day is before another, begun ones left out. */
export function monthsBetween(earlier: string, later: string): number {
  const [fromYear = 0, fromMonth = 1, fromDay = 1] = earlier.split('-').map(Number)
  const [toYear = 0, toMonth = 1, toDay = 1] = later.split('-').map(Number)
  return (toYear - fromYear) * 12 + toMonth - fromMonth - (toDay < fromDay ? 1 : 0)
}

function day(year?: string, month?: string, dayOfMonth?: string): Reading<string> {
  const date = new Date(Date.UTC(Number(year), Number(month) - 1, Number(dayOfMonth)))
  const exists = date.getUTCMonth() === Number(month) - 1 && date.getUTCDate() === Number(dayOfMonth)
  return exists ? read(date.toISOString().slice(0, 10)) : unread('There is no such day.')
}

/** The number of a month by the start of its name; 0 where there is none. */
const monthNumber = (name = '') => String(MONTHS.findIndex((month) => month.startsWith(name)) + 1)

const writesMonthFirst = (locale: string) =>
  new Intl.DateTimeFormat(locale).formatToParts().findIndex((part) => part.type === 'month') === 0
