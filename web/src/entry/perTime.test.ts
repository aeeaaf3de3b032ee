import { describe, expect, it } from 'vitest'
import { amountPer } from './perTime'
import { readShareOrYearly } from './shareOrAmount'

describe('an amount that is quoted for another span', () => {
  it.each([
    ['385 a month', 4_620_00],
    ['385/mo', 4_620_00],
    ['4,620 a year', 4_620_00],
    ['1,155 quarterly', 4_620_00],
    ['4,620', 4_620_00],
  ])('is kept by the year: %s', (text, cents) => {
    expect(amountPer(1)(text)).toEqual({ status: 'read', value: cents })
    expect(readShareOrYearly(text, '', 20)).toEqual({
      status: 'read',
      value: { unit: 'cents', value: cents },
    })
  })

  it('is kept by the month where that is a whole amount', () => {
    expect(amountPer(12)('1,200 a year')).toEqual({ status: 'read', value: 100_00 })
    expect(amountPer(12)('1,000 a year')).toEqual({
      status: 'unread',
      message: 'That is no whole amount a month: enter it for a month.',
    })
  })

  it('is a share of the price as before', () => {
    expect(readShareOrYearly('1.2 %', '', 20)).toEqual({
      status: 'read',
      value: { unit: 'percent', value: 1.2 },
    })
    expect(readShareOrYearly('1.2 % a year', '', 20)).toEqual({
      status: 'read',
      value: { unit: 'percent', value: 1.2 },
    })
  })
})
