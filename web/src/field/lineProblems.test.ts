import { describe, expect, it } from 'vitest'
import { readDebt } from '../entry/debt'
import { isTable, LineProblems, readLines } from './lineProblems'

const problemsOf = (text: string) => {
  try {
    readLines(text, readDebt, 60)
    return []
  } catch (error) {
    return error instanceof LineProblems ? error.problems : []
  }
}

describe('lines as they are spoken', () => {
  it('are read one by one, empty ones left aside', () => {
    const debts = readLines('car 412, 31 months, 11,900\n\nsupport 240\r\n', readDebt, 60)
    expect(debts.map(({ name }) => name)).toEqual(['car', 'support'])
  })

  it('are refused as a whole, each by its line', () => {
    expect(problemsOf('car 412\nnothing here\n\ncard').map(({ line }) => line)).toEqual([2, 4])
    expect(problemsOf('')[0]?.message).toContain('0 lines')
    expect(problemsOf('card 10\n'.repeat(50_000))[0]?.message).toContain('50,000 lines')
  })

  it.each([
    ['debt,payment,balance\ncar,1,2', true],
    ['\ufeffgläubiger;rate\n', true],
    ['car 412, 31 months, 11,900', false],
    ['support', false],
  ])('%s is a table: %s', (text, is) => expect(isTable(text)).toBe(is))
})
