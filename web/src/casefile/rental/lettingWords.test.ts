import { expect, it } from 'vitest'
import type { LendingView } from '../../api/client'
import { bindingWords, coverText, hundredfold, leastText, lentWords, nothingWords } from './lettingWords'

const lent: LendingView = {
  loanCents: 19530000,
  downCents: 7310000,
  loanToValuePercent: 72.76,
  ratePercent: 7,
  addOnPercent: 0.25,
  binding: 'COVER',
  nothing: null,
}

it('tells a cover with the digits that it comes with', () => {
  expect(coverText(1.1, 'OUTGOINGS')).toBe('1.10 times')
  expect(coverText(1.0999, 'OUTGOINGS')).toBe('1.0999 times')
  expect(coverText(144.998, 'INTEREST')).toBe('144.998\u202f%')
  expect(leastText(1.45, 'INTEREST')).toBe('145\u202f%')
  expect(hundredfold(1.1)).toBe(110)
})

it('says what is lent, what keeps it from being more, and why nothing is', () => {
  expect(lentWords(lent)).toBe('195,300 at 7\u202f%')
  expect(bindingWords(lent)).toBe('cover decides')
  const nothing = { ...lent, loanCents: null, binding: null, nothing: 'SCORE' } as const
  expect(bindingWords(nothing)).toBe('score too low')
  expect(nothingWords(nothing, 'SHORT', 700)).toBe('asks for a score of at least 700')
  expect(nothingWords({ ...nothing, nothing: 'BASIS' }, 'BY_ROOM', null)).toBe(
    'does not lend on homes let by the room',
  )
})
