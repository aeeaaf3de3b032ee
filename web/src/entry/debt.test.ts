import { describe, expect, it } from 'vitest'
import { formatDebt } from '../format/debt'
import { readDebt } from './debt'

const debt = (fields: object) => ({
  status: 'read',
  value: {
    kind: 'LOAN',
    paymentCents: null,
    balanceCents: null,
    ratePercent: null,
    paymentsLeft: null,
    simulated: null,
    ...fields,
  },
})

describe('a debt as it is spoken', () => {
  it.each([
    [
      'car 412, 31 months, 11,900',
      { name: 'car', paymentCents: 412_00, paymentsLeft: 31, balanceCents: 11_900_00 },
    ],
    ['card 6,400 owed', { name: 'card', kind: 'CARD', balanceCents: 6_400_00 }],
    ['boat 120, 900 owed', { name: 'boat', paymentCents: 120_00, balanceCents: 900_00 }],
    ['support 240', { name: 'support', kind: 'SUPPORT', paymentCents: 240_00 }],
    ['student 19,410', { name: 'student', kind: 'STUDENT_LOAN', balanceCents: 19_410_00 }],
    [
      'student loan 238.55, 19,410',
      { name: 'student loan', kind: 'STUDENT_LOAN', paymentCents: 238_55, balanceCents: 19_410_00 },
    ],
    [
      'card 95, 2,840, 21.9 %',
      { name: 'card', kind: 'CARD', paymentCents: 95_00, balanceCents: 2_840_00, ratePercent: 21.9 },
    ],
    ['student loan 240 a month', { name: 'student loan', kind: 'STUDENT_LOAN', paymentCents: 240_00 }],
    ['card balance 4,200', { name: 'card', kind: 'CARD', balanceCents: 4_200_00 }],
    [
      'card 4,200 balance, 95/mo',
      { name: 'card', kind: 'CARD', balanceCents: 4_200_00, paymentCents: 95_00 },
    ],
    ['car loan 410 a month 22 payments left', { name: 'car loan', paymentCents: 410_00, paymentsLeft: 22 }],
    ['car lease 389, 6 months', { name: 'car lease', kind: 'LEASE', paymentCents: 389_00, paymentsLeft: 6 }],
    ['phone 60 a month', { name: 'phone', kind: 'BILL', paymentCents: 60_00 }],
  ])('is %s', (text, fields) => {
    expect(readDebt(text)).toEqual(debt(fields))
  })

  it.each([
    ['', 'incomplete', /^Say what it is/],
    ['car', 'incomplete', /^Say what it is/],
    ['car 412, soon', 'unread', /^Enter an amount/],
    ['card 95, 2,840, x %', 'unread', /^Enter a rate/],
  ])('cannot be %s', (text, status, message) => {
    expect(readDebt(text)).toMatchObject({ status, message: expect.stringMatching(message) as string })
  })

  it('is refused in another currency', () => {
    expect(readDebt('car £412', '', { currency: 'USD' })).toEqual({
      status: 'unread',
      message: 'Amounts here are in USD, and £ is another currency.',
    })
    expect(readDebt('car £412', '', { currency: 'GBP' }).status).toBe('read')
  })

  it.each(['car 412, 31 months, 11,900', 'support 240', 'student 19,410', 'card 95, 2,840, 21.9\u202f%'])(
    'is written out as it was spoken: %s',
    (text) => {
      const reading = readDebt(text)
      expect(reading.status === 'read' && formatDebt(reading.value)).toBe(text)
    },
  )
})
