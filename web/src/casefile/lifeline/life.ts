import type { ScheduleView } from '../../api/client'
import type { Span, Time } from '../../entry/time'

/** A schedule with its running sums, so that every range is a difference. Amounts in whole cents. */
export type Life = {
  schedule: ScheduleView
  /** How many payments there are. */
  payments: number
  paid: readonly number[]
  interest: readonly number[]
  /** Extras counted in. */
  principal: readonly number[]
  extra: readonly number[]
  insurance: readonly number[]
}

export function lifeOf(schedule: ScheduleView): Life {
  const principalWithExtra = schedule.principalCents.map(
    (cents, line) => cents + (schedule.extraCents[line] ?? 0),
  )
  const paid = schedule.interestCents.map((cents, line) => cents + (principalWithExtra[line] ?? 0))
  return {
    schedule,
    payments: schedule.dates.length,
    paid: running(paid),
    interest: running(schedule.interestCents),
    principal: running(principalWithExtra),
    extra: running(schedule.extraCents),
    insurance: running(schedule.insuranceCents),
  }
}

function running(amounts: readonly number[]): number[] {
  let sum = 0
  return amounts.map((amount) => (sum += amount))
}

/** The sums of the payments from one to another, both counted; those so far for a range from the first. */
export type Sums = {
  first: number
  last: number
  paidCents: number
  interestCents: number
  principalCents: number
  extraCents: number
  insuranceCents: number
  balanceCents: number
  equityCents: number | null
}

export function sumsOf(life: Life, first: number, last: number): Sums {
  const between = (sums: readonly number[]) => (sums[last] ?? 0) - (sums[first - 1] ?? 0)
  const balanceCents = life.schedule.balanceCents[last] ?? 0
  const value = life.schedule.valueCents?.[last]
  return {
    first,
    last,
    paidCents: between(life.paid),
    interestCents: between(life.interest),
    principalCents: between(life.principal),
    extraCents: between(life.extra),
    insuranceCents: between(life.insurance),
    balanceCents,
    equityCents: value === undefined ? null : value - balanceCents,
  }
}

/** The payments of one calendar year. */
export type Year = { year: string; first: number; last: number }

export function yearsOf({ schedule }: Life): Year[] {
  const years: Year[] = []
  schedule.dates.forEach((date, index) => {
    const year = date.slice(0, 4)
    const current = years.at(-1)
    if (current?.year === year) current.last = index + 1
    else years.push({ year, first: index + 1, last: index + 1 })
  })
  return years
}

const within = (life: Life, payment: number) => Math.min(life.payments, Math.max(1, payment))

/** The payment at a point: its number, or the first due on the day or after it. */
export function paymentAt(life: Life, { payment, day }: Time): number {
  if (day === null) return within(life, payment)
  const index = life.schedule.dates.findIndex((date) => date >= day)
  return index < 0 ? life.payments : index + 1
}

/** The last payment up to a point: its number, or the last due on the day or before it. */
function paymentUpTo(life: Life, { payment, day }: Time): number {
  if (day === null) return within(life, payment)
  const later = life.schedule.dates.findIndex((date) => date > day)
  return within(life, later < 0 ? life.payments : later)
}

export type PaymentRange = { first: number; last: number }

/** A span as payments; in order, whichever end was named first. */
export function rangeOf(life: Life, { from, to }: Span): PaymentRange {
  return inOrder(paymentAt(life, from), paymentUpTo(life, to))
}

export const inOrder = (one: number, other: number): PaymentRange => ({
  first: Math.min(one, other),
  last: Math.max(one, other),
})
