import { describe, expect, it } from 'vitest'
import { priceCurve } from './priceCurve'

describe('a curve of prices', () => {
  const points = [
    { at: 4, priceCents: 500_000_00 },
    { at: 5, priceCents: 450_000_00 },
    { at: 6, priceCents: 400_000_00 },
  ]

  it('spans the box from the first to the last point, the highest price on top', () => {
    const { path, x, y } = priceCurve(points, 200, 100)
    expect(path).toBe('M0,0L100,50L200,100')
    expect([x(5), y(450_000_00)]).toEqual([100, 50])
  })

  it('stands where there is nothing to draw', () => expect(priceCurve([], 200, 100).path).toBe(''))
})
