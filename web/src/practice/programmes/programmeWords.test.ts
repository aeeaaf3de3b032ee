import { expect, it } from 'vitest'
import { changedLines } from '../changedLines'
import { newProgramme } from './newProgramme'
import { linesOf, summaryOf, typedCover } from './programmeWords'

const programme = {
  ...newProgramme('US', '2026-11-02'),
  bands: [{ id: 'b', leastCover: 1.1, loanToValuePercent: 75, addOnPercent: 0.25 }],
  bases: [{ id: 's', basis: 'SHORT', countedPercent: 75, loanToValuePercent: 70, leastScore: 700 } as const],
}

it('says a programme in one line', () => {
  expect(summaryOf(programme)).toBe(
    'The rent covers what goes out a month from 1.10 times up to 75\u202f% at 0.25\u202f% more; ' +
      'let short-term up to 70\u202f%, 75\u202f% of the rent counts, score from 700',
  )
})

it('tells what a later state changed', () => {
  const later = { ...programme, cover: 'INTEREST', stressed: { addedPercent: 2, floorPercent: 5 } } as const
  const { added, gone } = changedLines(linesOf(later), linesOf(programme))
  expect(gone).toContain('the rent covers what goes out a month')
  expect(added).toContain('from 110\u202f% up to 75\u202f% at 0.25\u202f% more')
  expect(typedCover(1.45, 'INTEREST')).toBe('145\u202f%')
})
