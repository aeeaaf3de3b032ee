import { describe, expect, it } from 'vitest'
import { leftOutWords, offeredSections, USUAL, usualOf, withMoved, withPrivate, withSection } from './says'

const says = { ...USUAL, sections: ['LOAN' as const, 'OPTIONS' as const, 'SCHEDULE' as const] }

describe('what a hand-out says', () => {
  it('offers what is said first, in its order, and then the rest', () => {
    expect(offeredSections(says).slice(0, 4)).toEqual(['LOAN', 'OPTIONS', 'SCHEDULE', 'MONTHLY_COST'])
    expect(new Set(offeredSections(says)).size).toBe(9)
  })

  it('adds a section at the end and takes one out', () => {
    expect(withSection(says, 'RENTAL', true).sections).toEqual(['LOAN', 'OPTIONS', 'SCHEDULE', 'RENTAL'])
    expect(withSection(says, 'OPTIONS', false).sections).toEqual(['LOAN', 'SCHEDULE'])
  })

  it('moves a section by one place, and not beyond an end', () => {
    expect(withMoved(says, 'SCHEDULE', -1).sections).toEqual(['LOAN', 'SCHEDULE', 'OPTIONS'])
    expect(withMoved(says, 'LOAN', -1)).toBe(says)
    expect(withMoved(says, 'SCHEDULE', 1)).toBe(says)
    expect(withMoved(says, 'RENTAL', -1)).toBe(says)
  })

  it('tells what is left out', () => {
    expect(leftOutWords(says)).toBe('')
    expect(leftOutWords(withPrivate(withPrivate(says, 'INCOMES', true), 'DEBTS', true))).toBe(
      'incomes and debts',
    )
    expect(leftOutWords({ ...says, without: ['NAMES', 'INCOMES', 'DEBTS'] })).toBe('names, incomes and debts')
    expect(withPrivate(withPrivate(says, 'DEBTS', true), 'DEBTS', false).without).toEqual([])
  })

  it('begins as the first template', () => {
    const view = { id: 'a', revision: 0, savedAt: '', savedBy: '', template: { name: 'A', says } }
    expect(usualOf([view])).toBe(says)
    expect(usualOf([])).toBe(USUAL)
  })
})
