import { describe, expect, it } from 'vitest'
import { pointAfter, stepAt } from './reading'

describe('reading a picture', () => {
  it('finds the step that a place lies in, at the ends too', () => {
    const beginnings = [0, 10, 40]
    expect([-5, 0, 9.9, 10, 39, 90].map((place) => stepAt(beginnings, place))).toEqual([0, 0, 0, 1, 1, 2])
  })

  it('goes on by keys, and stays within', () => {
    const from = (key: string) => pointAfter(key, { at: 5, first: 1, last: 20, page: 12 })
    expect(['ArrowLeft', 'ArrowUp', 'PageUp', 'PageDown', 'Home', 'End'].map(from)).toEqual([
      4, 6, 17, 1, 1, 20,
    ])
    expect(from('Tab')).toBeNull()
  })
})
