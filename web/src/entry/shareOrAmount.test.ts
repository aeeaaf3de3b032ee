import { describe, expect, it } from 'vitest'
import { readShareOrAmount } from './shareOrAmount'

const SHARE = '20\u202f%'
const AMOUNT = '60,000'
const MOST = 100

const percent = (value: number) => ({ status: 'read', value: { unit: 'percent', value } })
const cents = (value: number) => ({ status: 'read', value: { unit: 'cents', value } })

describe('readShareOrAmount', () => {
  it.each([
    ['60,000', cents(60_000_00)],
    ['60000', cents(60_000_00)],
    ['60k', cents(60_000_00)],
    ['12,500', cents(12_500_00)],
    ['100.01', cents(100_01)],
    ['20', percent(20)],
    ['17.5', percent(17.5)],
    ['12 1/2', percent(12.5)],
    ['1.3 %', percent(1.3)],
    ['101 %', percent(101)],
  ])('over a percentage takes %s by the whole of it', (text, reading) =>
    expect(readShareOrAmount(text, SHARE, MOST)).toEqual(reading),
  )

  it.each([
    ['80,000', cents(80_000_00)],
    ['450', cents(450_00)],
    ['20.00', cents(20_00)],
    ['0', cents(0)],
    ['20 %', percent(20)],
    ['12 1/2', percent(12.5)],
  ])('over an amount takes %s by the whole of it', (text, reading) =>
    expect(readShareOrAmount(text, AMOUNT, MOST)).toEqual(reading),
  )

  it('asks over an amount, or over nothing, for what could be either', () => {
    const asked = {
      status: 'incomplete',
      message: 'Is that 20 % or an amount of 20? Type 20 % or 20.00.',
    }
    expect(readShareOrAmount('20', AMOUNT, MOST)).toEqual(asked)
    expect(readShareOrAmount('20', '', MOST)).toEqual(asked)
    expect(readShareOrAmount('25', '', 20)).toEqual(cents(25_00))
  })

  it('asks whether a bare fraction is of the whole', () => {
    expect(readShareOrAmount('1/5', SHARE, MOST)).toEqual({
      status: 'incomplete',
      message: 'Is that 20 % or 0.2 %? Type one of them with its % sign.',
    })
  })

  it.each(['60,0', '60,00'])('waits for the rest of %s over an amount', (text) =>
    expect(readShareOrAmount(text, AMOUNT, MOST).status).toBe('incomplete'),
  )

  it.each(['60,000x', 'sixty', ''])('does not take “%s”', (text) =>
    expect(readShareOrAmount(text, SHARE, MOST).status).toBe('unread'),
  )

  it('means the same whatever was typed on the way', () => {
    for (const [typed, reading] of [
      ['60,000', cents(60_000_00)],
      ['4,800', cents(4_800_00)],
    ] as const) {
      for (let length = 1; length < typed.length; length++) {
        expect(readShareOrAmount(typed.slice(0, length), SHARE, MOST).status).not.toBe('unread')
      }
      expect(readShareOrAmount(typed, SHARE, MOST)).toEqual(reading)
    }
  })
})
