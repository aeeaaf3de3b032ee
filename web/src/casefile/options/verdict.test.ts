import { describe, expect, it } from 'vitest'
import { aComparison } from '../../test/comparisons'
import { verdictOf } from './verdict'

describe('which option costs least', () => {
  it('is another, by how much against the baseline, and what it takes a month', () => {
    const verdict = verdictOf(
      aComparison([
        { id: 'stay', month: 2000, costs: [0, 900] },
        { id: 'faster', month: 2600, costs: [0, 700] },
      ]),
    )
    expect(verdict).toMatchObject({ kind: 'other', lessCents: 200, moreAMonthCents: 600 })
  })

  it('is the baseline, beside the next best', () => {
    const verdict = verdictOf(
      aComparison([
        { id: 'stay', month: 2000, costs: [0, 700] },
        { id: 'dear', month: 1000, costs: [0, 990] },
        { id: 'next', month: 1900, costs: [0, 750] },
      ]),
    )
    expect(verdict).toMatchObject({
      kind: 'baseline',
      next: { title: 'next' },
      lessCents: 50,
      moreAMonthCents: -100,
    })
  })

  it('is a tie of some, or of all', () => {
    const two = [
      { id: 'one', costs: [0, 700] },
      { id: 'two', costs: [0, 700] },
    ]
    expect(verdictOf(aComparison(two))).toMatchObject({ kind: 'tie', areAll: true })
    expect(verdictOf(aComparison([...two, { id: 'three', costs: [0, 701] }]))).toMatchObject({
      kind: 'tie',
      areAll: false,
    })
  })

  it('is the only one where the others have no figures', () => {
    expect(
      verdictOf(
        aComparison([
          { id: 'broken', costs: [] },
          { id: 'one', costs: [0, 700] },
        ]),
      ),
    ).toMatchObject({ kind: 'only', option: { title: 'one' } })
  })
})
