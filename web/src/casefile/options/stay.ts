import type { OptionDocument } from '../../api/client'
import { addMonths, monthsBetween } from '../../entry/date'
import { read, unread, type Reading } from '../../entry/reading'
import { readTerm } from '../../entry/term'
import { readEnd } from '../../entry/time'
import { PAYMENTS_PER_YEAR } from '../../format/conventions'

const MONTHS_A_YEAR = 12
export const LONGEST_STAY_MONTHS = 600

/** The day from which a stay is counted: that of the closing, else a payment period before the first payment. */
export function paidOutOn({ closing, terms }: OptionDocument, firstPayment: string): string {
  const months = Math.max(1, Math.floor(MONTHS_A_YEAR / PAYMENTS_PER_YEAR[terms.frequency]))
  return closing.day ?? addMonths(terms.firstPayment ?? firstPayment, -months)
}

/** How long a loan is kept as typed: 7, 7 years, 90 months, Jun 2034. In whole months. */
export function readStay(text: string, locale: string, from: string): Reading<number> {
  const term = readTerm(text)
  const isYear = /^\s*(19|20|21)\d\d\s*$/.test(text)
  if (term.status === 'read' && !isYear) return inRange(term.value)
  const end = readEnd(text, locale)
  if (end.status === 'read' && end.value.day !== null) return inRange(monthsBetween(from, end.value.day))
  if (term.status === 'incomplete' || end.status === 'incomplete') {
    return { status: 'incomplete', message: HELP }
  }
  return unread(HELP)
}

const HELP = 'Enter how long they keep it, such as 7 years, 90 months or Jun 2034.'

const inRange = (months: number) =>
  months >= 1 && months <= LONGEST_STAY_MONTHS ? read(months) : unread('From 1 month to 50 years.')
