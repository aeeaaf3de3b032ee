import { describe, expect, it } from 'vitest'
import { WHOLE_OPTION, type Subject } from '../api/workings'
import { subjectWords } from './subjectWords'

describe('subjectWords', () => {
  it.each<[Subject, string]>([
    [WHOLE_OPTION, ''],
    [{ of: 'line', line: 0 }, 'opening balance'],
    [{ of: 'compounding', compounding: 'SEMI_ANNUAL' }, 'compounding half-yearly'],
    [{ of: 'range', first: 13, last: 24 }, 'payments 13 to 24'],
    [{ of: 'range', first: 7, last: 7 }, 'payment 7'],
    [{ of: 'rate', ratePercent: 5.5, from: 'RENEWAL' }, 'renewed at 5.5\u202f%'],
    [
      { of: 'target', lever: 'RATE', target: { target: 'MONTHLY_TOTAL', limit: '190050' } },
      'for at most 1,900.50 a month',
    ],
    [
      { of: 'target', lever: 'TERM', target: { target: 'PAID_OFF_BY', limit: '2045-06-30' } },
      'to be paid off by June 30, 2045',
    ],
  ])('says what %o is', (subject, words) => {
    expect(subjectWords(subject, 'en-US')).toBe(words)
  })
})
