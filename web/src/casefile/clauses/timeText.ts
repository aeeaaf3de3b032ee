import type { Time } from '../../entry/time'
import { formatDay, formatMonth } from '../../format/date'

/** A point in the loan's life as the sentence says it: payment 118, June 2033, June 15, 2033. */
export function timeText({ payment, day }: { payment: number | null; day: string | null }, locale: string) {
  if (day === null) return payment === null ? '' : `payment ${payment}`
  return day.endsWith('-01') ? formatMonth(day, locale) : formatDay(day, locale)
}

/** How a lump is said to be paid at a point: with payment 118, in June 2033, on June 15, 2033. */
export function onceAt({ payment, day }: { payment: number | null; day: string | null }) {
  if (day === null) return payment === null ? 'at' : 'with'
  return day.endsWith('-01') ? 'in' : 'on'
}

/** An end as the sentence says it: a month's last day is the month. */
export function endText({ payment, day }: { payment: number | null; day: string | null }, locale: string) {
  if (day === null) return payment === null ? 'the end' : `payment ${payment}`
  const [year = 0, month = 1, date] = day.split('-').map(Number)
  return date === new Date(Date.UTC(year, month, 0)).getUTCDate()
    ? formatMonth(day, locale)
    : formatDay(day, locale)
}

export const firstOf = ({ payment, day }: Time) => ({ firstPayment: payment, firstDay: day })
export const lastOf = ({ payment, day }: Time) => ({ lastPayment: payment, lastDay: day })
export const fromOf = ({ payment, day }: Time) => ({ fromPayment: payment, fromDay: day })
