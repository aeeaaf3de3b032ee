import { describe, expect, it, vi } from 'vitest'
import { formatDay } from '../format/date'
import { addMonths, monthsBetween, readDay } from './date'

describe('readDay', () => {
  it.each([
    ['1 March 2027', '2027-03-01'],
    ['March 1, 2027', '2027-03-01'],
    ['Mar 2027', '2027-03-01'],
    ['22nd sept 2031', '2031-09-22'],
    ['2027-03-01', '2027-03-01'],
    ['29 Feb 2028', '2028-02-29'],
    ['Mar 45', '2045-03-01'],
  ])('reads %s', (text, day) => expect(readDay(text, 'en-US')).toEqual({ status: 'read', value: day }))

  it('reads figures in the order of the market', () => {
    expect(readDay('3/1/2027', 'en-US')).toEqual({ status: 'read', value: '2027-03-01' })
    expect(readDay('3/1/2027', 'en-GB')).toEqual({ status: 'read', value: '2027-01-03' })
    expect(readDay('15/3/27', 'en-GB')).toEqual({ status: 'read', value: '2027-03-15' })
    expect(readDay('3/15/27', 'en-US')).toEqual({ status: 'read', value: '2027-03-15' })
    expect(readDay('4/45', 'en-US')).toEqual({ status: 'read', value: '2045-04-01' })
    expect(readDay('4/27', 'en-GB')).toEqual({ status: 'read', value: '2027-04-01' })
  })

  it('asks what may be a month of a year or a day', () => {
    const asked = 'Is that Mar 2027 or 27 Mar? Type it with its year, such as 27 Mar 2027.'
    expect(readDay('Mar 27', 'en-US')).toEqual({ status: 'incomplete', message: asked })
    expect(readDay('4/27', 'en-US')).toMatchObject({ status: 'incomplete' })
  })

  it.each([
    ['29 Feb 2027', 'There is no such day.'],
    ['32 March 2027', 'There is no such day.'],
    ['1 Maybe 2027', 'There is no such day.'],
    ['soon', 'Enter a date such as 1 March 2027 or Mar 2027.'],
    ['', 'Enter a date such as 1 March 2027 or Mar 2027.'],
  ])('does not read %s', (text, message) =>
    expect(readDay(text, 'en-US')).toEqual({ status: 'unread', message }),
  )

  it.each([
    ['March 1', '2027-03-01'],
    ['1st march', '2027-03-01'],
    ['15 Dec', '2026-12-15'],
    ['December 1', '2026-12-01'],
    ['Nov 30th', '2027-11-30'],
  ])('takes “%s” for the next there is', (text, expected) => {
    vi.useFakeTimers({ now: new Date('2026-12-01T12:00:00Z') })
    expect(readDay(text, 'en-US')).toEqual({ status: 'read', value: expected })
    vi.useRealTimers()
  })

  it.each(['M', 'Mar', 'Mar 20', '1', '1st', '1 M', '1 March 202', '2027-', '2027-03', '3/', '3/1/20'])(
    'waits for the rest of “%s”',
    (text) => expect(readDay(text, 'en-US').status).toBe('incomplete'),
  )

  it.each(['en-US', 'en-CA', 'en-GB', 'en-AU', 'en-NZ', 'en-IE', 'en-CH', 'en-ZA', 'en-IN', 'en'])(
    'reads what is written in %s',
    (locale) => {
      for (const day of ['2027-03-01', '2026-12-31', '2028-02-29']) {
        expect(readDay(formatDay(day, locale), locale)).toEqual({ status: 'read', value: day })
      }
    },
  )
})

describe('addMonths', () => {
  it('keeps the day, or takes the last of a shorter month', () => {
    expect(addMonths('2027-01-15', 1)).toBe('2027-02-15')
    expect(addMonths('2027-01-31', 1)).toBe('2027-02-28')
    expect(addMonths('2027-01-31', -2)).toBe('2026-11-30')
  })
})

describe('monthsBetween', () => {
  it('counts whole months', () => {
    expect(monthsBetween('2054-05-01', '2057-02-01')).toBe(33)
    expect(monthsBetween('2054-05-02', '2057-02-01')).toBe(32)
    expect(monthsBetween('2057-02-01', '2057-02-01')).toBe(0)
  })
})
