import { describe, expect, it } from 'vitest'
import { nameWords } from './nameWords'

describe('nameWords', () => {
  it('calls a number by its own words, as the figure that it is, or as the item at closing', () => {
    expect(nameWords('COMPOUNDINGS_STATED')).toBe('Compoundings stated')
    expect(nameWords('RESTATED_RATE')).toBe('Restated rate')
    expect(nameWords('LOAN_FEE')).toBe('Loan fees')
  })
})
