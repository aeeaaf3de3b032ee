import { describe, expect, it } from 'vitest'
import { aSchedule } from '../../test/schedules'
import { find } from './find'
import { lifeOf } from './life'

const MONTHS = 30
const dates = Array.from({ length: MONTHS }, (_, month) =>
  new Date(Date.UTC(2027, 2 + month, 1)).toISOString().slice(0, 10),
)
const level = Array.from({ length: MONTHS + 1 }, () => 100)
const life = lifeOf(
  aSchedule({ dates, interestCents: level, principalCents: level, extraCents: level, balanceCents: level }),
)
const found = (text: string) => find(life, 12, text, 'en-US')

describe('finding in a schedule', () => {
  it.each([
    ['18', 18],
    ['payment 18', 18],
    ['Mar 2028', 13],
    ['2028-03', 13],
    ['2 years', 24],
    ['2y', 24],
  ])('“%s” is a payment', (text, payment) => expect(found(text)).toEqual({ kind: 'payment', payment }))

  it.each([
    ['year 2', 13, 24],
    ['year 3', 25, 30],
    ['13 to 24', 13, 24],
    ['2028', 11, 22],
    ['Mar 2028 to May 2028', 13, 15],
  ])('“%s” is a period', (text, first, last) =>
    expect(found(text)).toEqual({ kind: 'range', range: { first, last } }),
  )

  it.each([
    ['400', 'There is no payment 400: the last is payment 30.'],
    ['3 years', 'There is no payment 36: the last is payment 30.'],
    ['year 4', 'The loan has no year 4: it ends with payment 30.'],
    ['Oct 2031', 'The last payment is on August 1, 2029.'],
    ['40 to 50', 'There is no payment 40: the last is payment 30.'],
    [
      'soon',
      'Enter a payment such as 118, a month such as Oct 2031, or a period such as 13 to 24 or year 7.',
    ],
  ])('“%s” is not there', (text, message) => expect(found(text)).toEqual({ kind: 'none', message }))
})
