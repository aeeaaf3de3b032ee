import { describe, expect, it } from 'vitest'
import { aSchedule } from '../../test/schedules'
import { lifeOf, paymentAt, rangeOf, sumsOf, yearsOf } from './life'

/** 1,000.00 at 1 % a payment, paid off in four, with an extra of 100.00 at the second. */
const SCHEDULE = aSchedule({
  dates: ['2027-11-30', '2027-12-30', '2028-01-30', '2028-02-29'],
  paymentCents: [0, 25628, 25628, 25628, 22420],
  interestCents: [0, 1000, 754, 405, 153],
  principalCents: [0, 24628, 24874, 25223, 15275],
  extraCents: [0, 0, 10000, 0, 0],
  insuranceCents: [0, 50, 50, 0, 0],
  balanceCents: [100000, 75372, 40498, 15275, 0],
  valueCents: [150000, 150100, 150200, 150300, 150400],
})
const life = lifeOf(SCHEDULE)

describe('a life', () => {
  it('adds up any range, extras counted as principal', () => {
    expect(sumsOf(life, 2, 3)).toEqual({
      first: 2,
      last: 3,
      paidCents: 61256,
      interestCents: 1159,
      principalCents: 60097,
      extraCents: 10000,
      insuranceCents: 50,
      balanceCents: 15275,
      equityCents: 135025,
    })
    expect(sumsOf(life, 1, 4).principalCents).toBe(100000)
  })

  it('knows its years', () => {
    expect(yearsOf(life)).toEqual([
      { year: '2027', first: 1, last: 2 },
      { year: '2028', first: 3, last: 4 },
    ])
  })

  it('finds payments by number and by day', () => {
    expect(paymentAt(life, { payment: 3, day: null })).toBe(3)
    expect(paymentAt(life, { payment: 900, day: null })).toBe(4)
    expect(paymentAt(life, { payment: null, day: '2027-12-01' })).toBe(2)
    expect(paymentAt(life, { payment: null, day: '2031-01-01' })).toBe(4)
  })

  it('finds spans, in order', () => {
    expect(
      rangeOf(life, {
        from: { payment: null, day: '2028-01-01' },
        to: { payment: null, day: '2028-12-31' },
      }),
    ).toEqual({ first: 3, last: 4 })
    expect(rangeOf(life, { from: { payment: 3, day: null }, to: { payment: 2, day: null } })).toEqual({
      first: 2,
      last: 3,
    })
  })
})
