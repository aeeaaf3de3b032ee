import { describe, expect, it } from 'vitest'
import { readPercent, readRate, readSignedPercent } from './percent'

describe('readPercent', () => {
  it.each([
    ['6.125', 6.125],
    ['6 1/8', 6.125],
    ['6⅛ %', 6.125],
    ['1/8', 0.125],
    ['5,25', 5.25],
    ['17%', 17],
    ['0', 0],
    ['4.123456', 4.123456],
    ['101', 101],
  ])('reads %s', (text, percent) => expect(readPercent(text)).toEqual({ status: 'read', value: percent }))

  it.each([
    ['six', 'Enter a rate such as 6.125 or 6 1/8.'],
    ['', 'Enter a rate such as 6.125 or 6 1/8.'],
    ['6 1/0', 'Enter a rate such as 6.125 or 6 1/8.'],
    ['1e308', 'Enter a rate such as 6.125 or 6 1/8.'],
    ['-1', 'A rate is not negative.'],
    ['6.1234567', 'A rate has at most six decimals.'],
    ['6 1/3', 'A rate has at most six decimals.'],
  ])('does not read %s', (text, message) => expect(readPercent(text)).toEqual({ status: 'unread', message }))
})

describe('readRate', () => {
  it.each(['0.0575', '0.06', '1/4'])('asks whether %s is a fraction of 1', (text) =>
    expect(readRate(text).status).toBe('incomplete'),
  )
  it('says what it may be', () =>
    expect(readRate('0.0575')).toMatchObject({
      message: 'Is that 0.0575 % or 5.75 %? Type one of them with its % sign.',
    }))
  it.each([
    ['0.0575 %', 0.0575],
    ['0', 0],
    ['0.5', 0.5],
    ['5.75', 5.75],
    ['6 3/8', 6.375],
  ])('reads %s', (text, value) => expect(readRate(text)).toEqual({ status: 'read', value }))
})

describe('readSignedPercent', () => {
  it.each([
    ['2.5', 2.5],
    ['+2 %', 2],
    ['-1', -1],
    ['− 1/2', -0.5],
  ])('reads %s', (text, value) => expect(readSignedPercent(text)).toEqual({ status: 'read', value }))
  it('does not take two signs', () => expect(readSignedPercent('--1').status).toBe('unread'))
})
