import { describe, expect, it } from 'vitest'
import { readAmount } from './amount'

describe('readAmount', () => {
  it.each([
    ['468,500', 46850000],
    ['82k', 8200000],
    ['1.25m', 125000000],
    ['468500.50', 46850050],
    ['$ 1,200', 120000],
    ['£950', 95000],
    ['.5', 50],
    ['12.', 1200],
    ['0', 0],
    ['0.29', 29],
    ['999999999.99', 99999999999],
  ])('reads %s', (text, cents) => expect(readAmount(text)).toEqual({ status: 'read', value: cents }))

  it.each([
    ['', 'Enter an amount such as 468,500 or 82k.'],
    ['abc', 'Enter an amount such as 468,500 or 82k.'],
    ['1.2.3', 'Enter an amount such as 468,500 or 82k.'],
    ['1e308', 'Enter an amount such as 468,500 or 82k.'],
    ['-5', 'An amount is not negative.'],
    ['1.005', 'An amount has at most two decimals.'],
    ['9'.repeat(40), 'An amount is below 1,000,000,000.'],
  ])('does not read %s', (text, message) => expect(readAmount(text)).toEqual({ status: 'unread', message }))
})
