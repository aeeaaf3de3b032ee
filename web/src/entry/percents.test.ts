import { describe, expect, it } from 'vitest'
import { readPercents } from './percents'

describe('readPercents', () => {
  it.each([
    ['2-1', [2, 1]],
    ['3, 2, 1', [3, 2, 1]],
    ['2 % and 1 %', [2, 1]],
    ['1.5', [1.5]],
  ])('reads %s', (text, value) => expect(readPercents(text)).toEqual({ status: 'read', value }))

  it.each(['', 'two', '4,3,2,1', '2,x'])('does not take “%s”', (text) =>
    expect(readPercents(text).status).toBe('unread'),
  )
})
