import { describe, expect, it } from 'vitest'
import { readAmounts } from './amounts'
import { readFigure } from './figure'

describe('a number with its unit', () => {
  it.each([
    ['45 %', 45],
    ['4.50 times', 4.5],
    ['6 months', 6],
    ['1,025.00', 1025],
    ['1,25', 1.25],
    ['45,5 %', 45.5],
  ])('reads %s', (text, value) => expect(readFigure(text)).toEqual({ status: 'read', value }))

  it.each(['', 'much', '-3'])('cannot read “%s”', (text) => expect(readFigure(text).status).toBe('unread'))
})

describe('amounts in a list', () => {
  it('are read in cents', () =>
    expect(readAmounts('450; 1,025.50')).toEqual({ status: 'read', value: [450_00, 1025_50] }))

  it.each(['450; much', '1;2;3;4;5;6;7;8;9;10;11'])('cannot be read: %s', (text) =>
    expect(readAmounts(text).status).toBe('unread'),
  )
})
