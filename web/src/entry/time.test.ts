import { describe, expect, it } from 'vitest'
import { readEnd, readSpan, readTime } from './time'

const time = (text: string) => readTime(text, 'en-US')

describe('readTime', () => {
  it.each(['118', 'payment 118', '#118', '118th', 'Payment 118'])('reads %s as a payment', (text) => {
    expect(time(text)).toEqual({ status: 'read', value: { payment: 118, day: null } })
  })

  it.each([
    ['Oct 2031', '2031-10-01'],
    ['2031', '2031-01-01'],
    ['15 June 2033', '2033-06-15'],
    ['6/15/2033', '2033-06-15'],
    ['2031-10', '2031-10-01'],
  ])('reads %s as a day', (text, day) => {
    expect(time(text)).toEqual({ status: 'read', value: { payment: null, day } })
  })

  it.each(['p', 'payment', '#', 'Oc', 'Oct 20', '2031-'])('waits for the rest of “%s”', (text) => {
    expect(time(text).status).toBe('incomplete')
  })

  it.each(['', '0', '2601', 'soon', '-5', '31 Feb 2031'])('does not take %s', (text) => {
    expect(time(text).status).toBe('unread')
  })
})

describe('readEnd', () => {
  it.each([
    ['Oct 2031', '2031-10-31'],
    ['Feb 2032', '2032-02-29'],
    ['2031', '2031-12-31'],
    ['2031-10', '2031-10-31'],
    ['15 June 2033', '2033-06-15'],
    ['2033-06-15', '2033-06-15'],
  ])('counts %s to %s', (text, day) => {
    expect(readEnd(text, 'en-US')).toEqual({ status: 'read', value: { payment: null, day } })
  })
})

describe('readSpan', () => {
  it.each(['13-24', '13 - 24', 'payments 13 to 24', '13 – 24', '13..24'])('reads %s', (text) => {
    expect(readSpan(text, 'en-US')).toEqual({
      status: 'read',
      value: { from: { payment: 13, day: null }, to: { payment: 24, day: null } },
    })
  })

  it('reads a year, and a run of months', () => {
    expect(readSpan('2033', 'en-US')).toMatchObject({
      value: { from: { day: '2033-01-01' }, to: { day: '2033-12-31' } },
    })
    expect(readSpan('Mar 2031 to Feb 2032', 'en-US')).toMatchObject({
      value: { from: { day: '2031-03-01' }, to: { day: '2032-02-29' } },
    })
  })

  it('does not take half a span', () => {
    expect(readSpan('13 to', 'en-US').status).toBe('unread')
  })
})
