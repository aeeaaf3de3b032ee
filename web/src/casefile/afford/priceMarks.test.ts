import { describe, expect, it } from 'vitest'
import { decidesWords, priceMarks, priceWords, type PriceCurve } from './priceMarks'

const curve: PriceCurve = {
  points: [
    { at: 4, priceCents: 500_000_00, decides: 'loan to value' },
    { at: 5, priceCents: 450_000_00, decides: 'loan to value' },
    { at: 6, priceCents: 400_000_00, decides: 'debt ratio' },
  ],
  today: { at: 5, priceCents: 450_000_00 },
  write: (at) => `${at} %`,
}

describe('a curve of prices', () => {
  it('falls from the upper left to the lower right, today’s point on it', () => {
    const marks = priceMarks(curve, 276, 146)
    expect(marks).toContainEqual({
      mark: 'line',
      path: 'M64,22L164,72L264,122',
      stroke: 'principal',
      thickness: 2,
    })
    expect(marks).toContainEqual(expect.objectContaining({ words: '5 %: 450,000', x: 164, y: 60 }))
  })

  it('is told in words by its ends and today', () => {
    expect(priceWords(curve)).toBe('4 % 500,000, 5 % 450,000, 6 % 400,000')
  })

  it('says and marks where another test decides', () => {
    expect(decidesWords(curve)).toBe('Decided by loan to value up to 5 %, then by debt ratio.')
    expect(priceMarks(curve, 276, 146)).toContainEqual({
      mark: 'line',
      path: 'M264,22V122',
      stroke: 'rule',
      dash: '4 3',
    })
    const [first] = curve.points
    expect(decidesWords({ ...curve, points: first ? [first] : [] })).toBe(
      'Decided by loan to value throughout.',
    )
  })

  it('draws nothing where there is nothing to draw', () => {
    expect(priceMarks({ ...curve, points: [] }, 276, 146)).toEqual([])
  })
})
