import { describe, expect, it } from 'vitest'
import { aDocument } from '../../test/documents'
import { baselineOf } from '../option'
import { paidOutOn, readStay } from './stay'

const FROM = '2027-02-01'
const stay = (text: string) => readStay(text, 'en-US', FROM)

describe('how long a loan is kept', () => {
  it.each([
    ['7', 84],
    ['7 years', 84],
    ['90 months', 90],
    ['7y 6m', 90],
    ['Jun 2034', 88],
    ['2034', 94],
    ['June 1, 2034', 88],
    ['50 years', 600],
  ])('reads %s as %i months', (text, months) => {
    expect(stay(text)).toEqual({ status: 'read', value: months })
  })

  it.each(['51 years', 'Jan 2027', '0'])('refuses %s, which is out of its range', (text) => {
    expect(stay(text)).toEqual({ status: 'unread', message: 'From 1 month to 50 years.' })
  })

  it('asks for more of what is half typed, and refuses what is none', () => {
    expect(stay('7 y').status).toBe('read')
    expect(stay('7 ye').status).toBe('incomplete')
    expect(stay('').status).toBe('unread')
    expect(stay('forever').status).toBe('unread')
  })

  it('counts from the closing, else from a period before the first payment', () => {
    const option = baselineOf(aDocument())
    expect(paidOutOn(option, '2027-03-01')).toBe('2027-02-01')
    expect(paidOutOn({ ...option, closing: { ...option.closing, day: '2027-01-20' } }, '')).toBe('2027-01-20')
    const quarterly = { ...option, terms: { ...option.terms, frequency: 'QUARTERLY' as const } }
    expect(paidOutOn(quarterly, '2027-03-01')).toBe('2026-12-01')
  })
})
