import { describe, expect, it } from 'vitest'
import { aSchedule } from '../../test/schedules'
import { lifeOf } from './life'
import { rowOf, rowsOf } from './rows'

const life = lifeOf(aSchedule({ dates: ['2027-11-30', '2027-12-30', '2028-01-30', '2028-02-29'] }))

describe('rowsOf', () => {
  it('begins before the first payment and opens only what is open', () => {
    expect(rowsOf(life, new Set(['2028'])).map((row) => row.kind)).toEqual([
      'start',
      'year',
      'year',
      'payment',
      'payment',
    ])
  })

  it('finds a payment in its own row or its year’s', () => {
    expect(rowOf(rowsOf(life, new Set(['2028'])), 4)).toBe(4)
    expect(rowOf(rowsOf(life, new Set(['2028'])), 2)).toBe(1)
  })
})
