import { describe, expect, it } from 'vitest'
import type { WorkingView } from '../api/client'
import { formatQuantity } from './quantity'
import { workingText } from './workingText'

const PAYMENT: WorkingView = {
  figure: 'PAYMENT',
  rule: 'LEVEL_PAYMENT',
  formula: 'P = (L − B × v) × i / (1 − v), v = 1 / (1 + i)^n',
  source: '',
  inputs: [
    { name: 'LOAN', unit: 'AMOUNT', value: '265795.00' },
    { name: 'RATE_PER_PAYMENT', unit: 'PERCENT', value: '0.458333333333333333' },
    { name: 'REPAYING_PAYMENTS', unit: 'NUMBER', value: '300' },
  ],
  steps: [{ name: 'EXACT_PAYMENT', unit: 'AMOUNT', value: '1632.21384' }],
  rounding: 'NEAREST_CENT',
  result: { name: 'PAYMENT', unit: 'AMOUNT', value: '1632.21' },
  usedIn: ['PRINCIPAL_AND_INTEREST', 'TOTAL_PAID'],
}

describe('formatQuantity', () => {
  it.each([
    ['AMOUNT', '1234567.5', '1,234,567.50'],
    ['AMOUNT', '-0.0412', '−0.0412'],
    ['AMOUNT', '-0.00', '0.00'],
    ['NUMBER', '1.0000', '1'],
    ['PERCENT', '0.333333333333333', '0.333333333333…\u202f%'],
    ['DAY', '2027-03-01', 'March 1, 2027'],
  ] as const)('writes %s %s as %s', (unit, value, text) => {
    expect(formatQuantity({ name: 'PAYMENT', unit, value }, 'en-US')).toBe(text)
  })
})

describe('workingText', () => {
  it('tells rule, numbers, rounding and where the figure goes', () => {
    expect(workingText(PAYMENT, 'en-US').replace('\u202f', ' ')).toMatchInlineSnapshot(`
      "Each payment: 1,632.21

      The same payment each time, such that nothing but the balance agreed is left after the last.
      P = (L − B × v) × i / (1 − v), v = 1 / (1 + i)^n

      Loan, L: 265,795.00
      Rate per payment, i: 0.458333333333… %
      Payments that repay, n: 300
      Before rounding: 1,632.21384

      Rounded to the nearest cent; half a cent goes up.
      Used in: Monthly principal and interest, Total paid"
    `)
  })
})
