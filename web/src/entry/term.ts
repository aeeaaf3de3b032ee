import { incomplete, read, unread, type Reading } from './reading'

const HELP = 'Enter a term such as 30, 27y 6m or 330 months.'
const MOST_YEARS = 50
const BARE_MONTHS = /^\d{2,4}$/
/** A term that may still be typed to its end: 27y 6, 27 ye. */
const UNFINISHED = /^\d{1,6}(?:\.\d{0,4})?\s*(?:y[ears]{0,4})?\s*(?:\d{1,6}\s*(?:m[onths]{0,5})?)?$/

/** A term as typed, in months; a bare number counts years: 30, 27y 6m, 27.5 years, 330m. */
export function readTerm(text: string): Reading<number> {
  const plain = text.trim().toLowerCase()
  if (plain.startsWith('-')) return unread('A term is not negative.')
  const match =
    /^(?:(\d{1,6}(?:\.\d{1,4})?)\s*(?:years?|yrs?|y|$))?\s*(?:(\d{1,6})\s*(?:months?|mos?|m))?$/.exec(plain)
  if (!match || plain === '') return UNFINISHED.test(plain) ? incomplete(HELP) : unread(HELP)
  if (BARE_MONTHS.test(plain) && Number(plain) > MOST_YEARS) {
    return incomplete(`A term is at most ${MOST_YEARS} years. For ${plain} months, type ${plain} months.`)
  }
  const months = Number(match[1] ?? 0) * 12 + Number(match[2] ?? 0)
  const wholeMonths = Math.round(months)
  return Math.abs(months - wholeMonths) > 1e-6
    ? unread('A term is counted in whole months.')
    : read(wholeMonths)
}
