import { describe, expect, it } from 'vitest'
import { formatIncome } from '../format/income'
import { readIncome } from './income'

const income = (fields: object) => ({
  status: 'read',
  value: { name: '', cents: 0, per: null, hoursPerWeek: null, countedPercent: null, ...fields },
})

describe('an income as it is spoken', () => {
  it.each([
    ['salary 64,800 a year', { name: 'salary', cents: 64_800_00, per: 'YEARLY' }],
    ['salary 64.8k yearly', { name: 'salary', cents: 64_800_00, per: 'YEARLY' }],
    ['31.50 an hour, 26 hours', { cents: 31_50, hoursPerWeek: 26 }],
    ['overtime 96 a week, 50 %', { name: 'overtime', cents: 96_00, per: 'WEEKLY', countedPercent: 50 }],
    ['pay 2,471.75 twice a month', { name: 'pay', cents: 2_471_75, per: 'SEMI_MONTHLY' }],
    ['pension 900 monthly, 125%', { name: 'pension', cents: 900_00, per: 'MONTHLY', countedPercent: 125 }],
    ['second job $410 every two weeks', { name: 'second job', cents: 410_00, per: 'BIWEEKLY' }],
    ['salary 72k', { name: 'salary', cents: 72_000_00, per: 'YEARLY' }],
    ['biweekly 2,900', { name: '', cents: 2_900_00, per: 'BIWEEKLY' }],
    ['pay monthly 4,100', { name: 'pay', cents: 4_100_00, per: 'MONTHLY' }],
    ['31.50/hr, 26 hours', { cents: 31_50, hoursPerWeek: 26 }],
    ['bonus 9,511 a quarter', { name: 'bonus', cents: 9_511_00, per: 'QUARTERLY' }],
  ])('is %s', (text, fields) => {
    expect(readIncome(text)).toEqual(income(fields))
  })

  it.each([
    ['', 'incomplete', /^Say what it is and how often/],
    ['wages 64,800', 'incomplete', /^Say what it is and how often/],
    ['31.50/hr', 'incomplete', /^Say how many hours a week/],
    ['salary', 'incomplete', /^Say what it is and how often/],
    ['31.50 an hour', 'incomplete', /^Say how many hours a week/],
    ['salary 64,800 a year, 20 hours', 'unread', /^Hours go with/],
    ['net pay 3,100 a month', 'unread', /^Net income does not count/],
    ['pension 900 a month, 130 %', 'unread', /^At most 125 %/],
    ['salary 1.2.3 a year', 'unread', /^Enter an amount/],
  ])('cannot be %s', (text, status, message) => {
    expect(readIncome(text)).toMatchObject({ status, message: expect.stringMatching(message) as string })
  })

  it.each([
    'salary 64,800 a year',
    '31.50 an hour, 26 hours',
    'overtime 96 a week, 50\u202f%',
    'pay 2,471.75 twice a month',
  ])('is written out as it was spoken: %s', (text) => {
    const reading = readIncome(text)
    expect(reading.status === 'read' && formatIncome(reading.value)).toBe(text)
  })
})
