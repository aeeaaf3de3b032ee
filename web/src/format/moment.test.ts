import { afterEach, describe, expect, it } from 'vitest'
import { formatDayAndTime, formatDayOf, formatMoment } from './moment'
import { pageLocale, pageTimeZone, writePagesAs } from './pageLocale'

const before = { locale: pageLocale(), timeZone: pageTimeZone() }
const NARROW_SPACE = /\u202f/g

describe('moments', () => {
  afterEach(() => writePagesAs(before))

  it('are told by the clock and the calendar of the practice', () => {
    const instant = '2027-03-01T02:30:00Z'
    writePagesAs({ locale: 'en-US', timeZone: 'America/Chicago' })
    expect(formatDayOf(instant)).toBe('February 28, 2027')
    expect(formatDayAndTime(instant).replace(NARROW_SPACE, ' ')).toBe('Feb 28, 2027, 8:30 PM')
    writePagesAs({ locale: 'en-GB', timeZone: 'Europe/London' })
    expect(formatDayAndTime(instant)).toBe('1 Mar 2027, 02:30')
  })

  it('are told by the time alone on their day', () => {
    writePagesAs({ locale: 'en-GB', timeZone: 'Pacific/Auckland' })
    expect(formatMoment('2027-03-01T10:30:00Z', new Date('2027-03-01T10:59:00Z'))).toBe('23:30')
    expect(formatMoment('2027-03-01T10:30:00Z', new Date('2027-03-01T11:00:00Z'))).toBe('1 Mar 2027')
  })
})
