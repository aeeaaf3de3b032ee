import { describe, expect, it } from 'vitest'
import { newCondition, newSet, newTable, newTest } from './sets'
import { changedLines } from '../changedLines'
import { setLines, testWords } from './setWords'

const set = newSet('US', '2026-11-26')
const byPerson = newCondition()

describe('a test in words', () => {
  it.each([
    [newTest('BACK_END'), 'back-end ratio at most 36\u202f%'],
    [newTest('SCORE'), 'credit score at least 620'],
    [newTest('LOAN_TO_INCOME'), 'loan to yearly income at most 4.50 times'],
    [
      { ...newTest('RESIDUAL_INCOME'), limit: null, byHousehold: newTable() },
      'left over a month at least what its table says',
    ],
    [
      {
        ...newTest('BACK_END'),
        conditions: [
          byPerson,
          { ...byPerson, underwriting: null, fact: 'RESERVES' as const, bound: 'FROM' as const, value: 6 },
        ],
      },
      'back-end ratio at most 36\u202f%, if decided by a person and months in reserve from 6',
    ],
  ])('%#', (test, words) => expect(testWords(test, set)).toBe(words))
})

describe('a state beside an earlier one', () => {
  it('tells what came and what went', () => {
    const tests = set.tests.map((test) => ({ ...test, limit: 43 }))
    expect(changedLines(setLines({ ...set, tests, longestTermYears: 40 }), setLines(set))).toEqual({
      added: ['terms up to 40 years', 'back-end ratio at most 43\u202f%'],
      gone: ['terms up to 30 years', 'back-end ratio at most 36\u202f%'],
    })
  })
})
