import { describe, expect, it } from 'vitest'
import { formatTerm } from '../format/term'
import { readTerm } from './term'

describe('readTerm', () => {
  it.each([
    ['30', 360],
    ['27y 6m', 330],
    ['27 years 6 months', 330],
    ['27.5', 330],
    ['330 months', 330],
    ['330m', 330],
    ['1 year', 12],
    ['400 years', 4800],
  ])('reads %s', (text, months) => expect(readTerm(text)).toEqual({ status: 'read', value: months }))

  it.each([
    ['', 'Enter a term such as 30, 27y 6m or 330 months.'],
    ['soon', 'Enter a term such as 30, 27y 6m or 330 months.'],
    ['-3', 'A term is not negative.'],
    ['27.51', 'A term is counted in whole months.'],
  ])('does not read %s', (text, message) => expect(readTerm(text)).toEqual({ status: 'unread', message }))

  it.each(['27y 6', '27 ye', '27.', '27 years 6 mon'])('waits for the rest of “%s”', (text) =>
    expect(readTerm(text).status).toBe('incomplete'),
  )

  it('reads what it writes', () => {
    for (let months = 1; months <= 600; months++) {
      expect(readTerm(formatTerm(months))).toEqual({ status: 'read', value: months })
    }
  })
})
