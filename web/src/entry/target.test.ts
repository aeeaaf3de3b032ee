import { describe, expect, it } from 'vitest'
import { readTarget } from './target'

describe('readTarget', () => {
  it.each([
    ['all in at most 2,350 a month', 'MONTHLY_TOTAL', '235000'],
    ['for 1900/month', 'MONTHLY_TOTAL', '190000'],
    ['at most 2.1k a month', 'MONTHLY_TOTAL', '210000'],
    ['2350 a month', 'MONTHLY_TOTAL', '235000'],
    ['2400', 'MONTHLY_TOTAL', '240000'],
    ['at most 2,400 monthly', 'MONTHLY_TOTAL', '240000'],
    ['2,400 a month all in', 'MONTHLY_TOTAL', '240000'],
    ['no more than 2.4k pm', 'MONTHLY_TOTAL', '240000'],
    ['by 2045', 'PAID_OFF_BY', '2045-12-31'],
    ['total interest at most 300k', 'TOTAL_INTEREST', '30000000'],
    ['paid off by 2045', 'PAID_OFF_BY', '2045-12-31'],
    ['by Jun 2041', 'PAID_OFF_BY', '2041-06-30'],
    ['at most 300k interest', 'TOTAL_INTEREST', '30000000'],
    ['up to 250,000 of interest', 'TOTAL_INTEREST', '25000000'],
    ['before 2044', 'PAID_OFF_BY', '2043-12-31'],
    ['before Mar 2044', 'PAID_OFF_BY', '2044-02-29'],
    ['paid off in 20 years', 'PAID_OFF_BY', '2047-03-01'],
    ['paid off within 15y 6m', 'PAID_OFF_BY', '2042-09-01'],
    ['payment 1,350', 'PAYMENT', '135000'],
    ['principal and interest 1,350', 'PAYMENT', '135000'],
    ['P&I at most 1.35k a month', 'PAYMENT', '135000'],
  ])('understands “%s”', (text, target, limit) => {
    expect(readTarget(text, 'en-US', '2027-03-01')).toEqual({ status: 'read', value: { target, limit } })
  })

  it('understands a balance by a day', () => {
    for (const text of [
      'at most 150k owed by 2032',
      'balance at most 150k by 2032',
      '150k left by Dec 2032',
    ]) {
      expect(readTarget(text, 'en-US', '2027-03-01')).toEqual({
        status: 'read',
        value: { target: 'BALANCE_BY', limit: '15000000', by: '2032-12-31' },
      })
    }
    expect(readTarget('150k owed by then', 'en-US', '2027-03-01').status).toBe('unread')
  })

  it.each(['', 'a month', 'paid off', 'by payment 12', '6.125 %', '30 years'])(
    'does not take “%s” for a target',
    (text) => expect(readTarget(text, 'en-US', '2027-03-01').status).toBe('unread'),
  )
})
