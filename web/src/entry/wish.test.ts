import { describe, expect, it } from 'vitest'
import { readWish } from './wish'

describe('readWish', () => {
  it.each([
    ['all in at most 2,350 a month', 'MONTHLY_TOTAL', '235000'],
    ['for 1900/month', 'MONTHLY_TOTAL', '190000'],
    ['at most 2.1k a month', 'MONTHLY_TOTAL', '210000'],
    ['2350 a month', 'MONTHLY_TOTAL', '235000'],
    ['paid off by 2045', 'PAID_OFF_BY', '2045-12-31'],
    ['by Jun 2041', 'PAID_OFF_BY', '2041-06-30'],
    ['at most 300k interest', 'TOTAL_INTEREST', '30000000'],
    ['up to 250,000 of interest', 'TOTAL_INTEREST', '25000000'],
  ])('understands “%s”', (text, wish, limit) => {
    expect(readWish(text, 'en-US')).toEqual({ status: 'read', value: { wish, limit } })
  })

  it.each(['', '2350', 'a month', 'paid off', 'by payment 12', '6.125 %', '30 years'])(
    'does not take “%s” for a wish',
    (text) => expect(readWish(text, 'en-US').status).toBe('unread'),
  )
})
