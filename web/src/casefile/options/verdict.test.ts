import { describe, expect, it } from 'vitest'
import { aComparison } from '../../test/comparisons'
import { verdictOf } from './verdict'
import { verdictWords } from './verdictWords'

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

describe('the answer in words', () => {
  const words = (columns: Parameters<typeof aComparison>[0]) => {
    const comparison = aComparison(columns)
    const said = verdictWords(verdictOf(comparison), comparison.base)
    return said.map(({ words }) => words).join('')
  }
  const stay = { id: 'Stay', month: 2000_00, costs: [0, 900_00] }
  const faster = { id: 'Faster', month: 2600_50, costs: [0, 700_00] }

  it('tells the best, by how much, and for what a month', () => {
    expect(words([stay, faster])).toBe('Faster costs least: 200.00 less than Stay, for 600.50 more a month.')
    expect(words([faster, stay])).toBe(
      'Faster costs least: 200.00 less than Stay, which costs 600.50 less a month.',
    )
    expect(words([stay, { ...faster, month: 2000_00 }])).toBe(
      'Faster costs least: 200.00 less than Stay, for the same a month.',
    )
  })

  it('tells ties, and a loan alone', () => {
    const twin = { ...faster, id: 'Twin' }
    expect(words([stay, faster, twin])).toBe('Faster and Twin cost the same, and less than any other.')
    expect(words([faster, twin])).toBe('all options cost the same.')
    expect(words([stay])).toBe(
      'this loan costs 900.00, with the cash to close, all that is paid and the balance left.',
    )
  })
})
