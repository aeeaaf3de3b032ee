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
    ['1\u2019250\u2019000.50', 125000050],
    ['1 250 000', 125000000],
    ['CHF 1,200', 120000],
    ['1,200 USD', 120000],
    ['C$950', 95000],
    ['999999999.99', 99999999999],
  ])('reads %s', (text, cents) => expect(readAmount(text)).toEqual({ status: 'read', value: cents }))

  it.each([
    ['', 'Enter an amount such as 468,500 or 82k.'],
    ['512,3oo', 'Enter an amount such as 468,500 or 82k.'],
    ['512,30.5', 'Enter an amount such as 468,500 or 82k.'],
    ['5123,000', 'Enter an amount such as 468,500 or 82k.'],
    ["1,250'000", 'Enter an amount such as 468,500 or 82k.'],
    ['43x', 'Enter an amount such as 468,500 or 82k.'],
    ['x43', 'Enter an amount such as 468,500 or 82k.'],
    ['abc', 'Enter an amount such as 468,500 or 82k.'],
    ['1.2.3', 'Enter an amount such as 468,500 or 82k.'],
    ['1e308', 'Enter an amount such as 468,500 or 82k.'],
    ['-5', 'An amount is not negative.'],
    ['0.005', 'An amount has at most two decimals.'],
    ['1.0055', 'An amount has at most two decimals.'],
    ['9'.repeat(40), 'An amount is below 1,000,000,000.'],
  ])('does not read %s', (text, message) => expect(readAmount(text)).toEqual({ status: 'unread', message }))

  it.each([
    ['450.000', 'Is that 450,000? Type 450,000 or 450.00.'],
    ['€300.000', 'Is that 300,000? Type 300,000 or 300.00.'],
    ['1.250.000', 'Is that 1,250,000? Type 1,250,000.'],
  ])('asks what %s is', (text, message) =>
    expect(readAmount(text)).toEqual({ status: 'incomplete', message }),
  )

  it('takes no other currency’s sign', () => {
    const euros = { currency: 'EUR' } as const
    expect(readAmount('€1,200', undefined, euros).status).toBe('read')
    expect(readAmount('1,200 USD', undefined, euros)).toEqual({
      status: 'unread',
      message: 'Amounts here are in EUR, and USD is another currency.',
    })
    expect(readAmount('$1,200', undefined, { currency: 'CAD' }).status).toBe('read')
    expect(readAmount('£1,200', undefined, { currency: 'CAD' }).status).toBe('unread')
  })

  it.each(['512,', '512,3', '512,30', '1,250,0', '$ 60,0'])('waits for the rest of %s', (text) =>
    expect(readAmount(text)).toEqual({
      status: 'incomplete',
      message: 'Enter an amount such as 468,500 or 82k.',
    }),
  )
})
