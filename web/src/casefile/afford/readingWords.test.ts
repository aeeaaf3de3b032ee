import { describe, expect, it } from 'vitest'
import type { ReadingView } from '../../api/client'
import { limitWords, saidOf, shortWords, spareWords } from './readingWords'

const reading = (fields: Partial<ReadingView>): ReadingView => ({
  test: 0,
  measure: 'BACK_END',
  limit: 45,
  reached: 45.004,
  spareCents: -38,
  unknown: null,
  isMet: false,
  ...fields,
})

describe('a reading in words', () => {
  it.each([
    [
      {},
      'With this home 45.004\u202f% of it is committed: 0.38 a month over what allows.',
      'at most 45\u202f%',
      'over by 0.38 a month',
    ],
    [
      { measure: 'FRONT_END', reached: 28, limit: 31, spareCents: 120_00 },
      'With this home 28.00\u202f% of it goes into housing: 120.00 a month under what allows.',
      'at most 31\u202f%',
      '120.00 a month to spare',
    ],
    [
      { measure: 'LOAN_TO_INCOME', reached: 4.61, limit: 4.5, spareCents: -900_00 },
      'The loan is 4.61 times what they earn in a year: 900.00 more than what allows.',
      'at most 4.50 times',
      'loan over by 900.00',
    ],
    [
      { measure: 'RESIDUAL_INCOME', reached: 2340, limit: 1025, spareCents: 1315_00 },
      'With this home 2,340.00 of it is left over: 1,315.00 more than what asks for.',
      'at least 1,025.00',
      '1,315.00 a month to spare',
    ],
    [
      { measure: 'RESIDUAL_INCOME', reached: -3182.4, limit: 1200, spareCents: -4382_40 },
      'With this home 3,182.40 is missing each month: 4,382.40 less than what asks for.',
      'at least 1,200.00',
      'short by 4,382.40 a month',
    ],
    [
      { measure: 'RESERVES', reached: 4.2, limit: 6, spareCents: -1420_00 },
      'After closing, 4.20 months of housing cost are left: 1,420.00 less than what asks for.',
      'at least 6.00 months',
      'short by 1,420.00',
    ],
    [
      { measure: 'SCORE', reached: 600, limit: 620, spareCents: -20 },
      'Their credit score is 600 : 20 points below what asks for.',
      'at least 620',
      '20 points short',
    ],
  ] as const)('%o', (fields, reached, limit, spare) => {
    const { before, figure, behind, verdict, ends } = saidOf(reading(fields))
    expect(`${before} ${figure} ${behind}: ${verdict} ${ends}`).toBe(reached)
    expect(limitWords(reading(fields))).toBe(limit)
    expect(spareWords(reading(fields))).toBe(spare)
  })

  it('is short in the index', () => {
    expect(shortWords(reading({}))).toBe('45.004\u202f% of 45\u202f%')
    expect(shortWords(reading({ measure: 'RESERVES', reached: 4.2, limit: 6 }))).toBe('4.20 of 6 months')
    expect(shortWords(reading({ measure: 'LOAN_TO_INCOME', reached: 4.61, limit: 4.5 }))).toBe(
      '4.61 of 4.5 times',
    )
    expect(shortWords(reading({ limit: null }))).toBe('')
  })

  it('says why a test cannot be told, and when it is met to the cent', () => {
    expect(spareWords(reading({ unknown: 'NO_INCOME', spareCents: null, reached: null }))).toBe(
      'not assessed: no income given',
    )
    expect(spareWords(reading({ spareCents: 0, isMet: true }))).toBe('met exactly')
  })
})
