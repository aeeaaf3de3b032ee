import { describe, expect, it } from 'vitest'
import { aDocument } from '../test/documents'
import { addExtra } from '../casefile/featureLists'
import { byIds, stands, valueAt, withValueAt } from './pointers'

const document = aDocument()
const [first] = document.options.map(addExtra('e1', 'ONCE', 100_00, { payment: 3, day: null }))
const withExtra = aDocument({ options: first ? [first] : [] })

describe('places by ids', () => {
  it.each([
    ['/title', '/title'],
    ['/options/0/terms/ratePercent', '/options/first/terms/ratePercent'],
    ['/options/0/features/extras/0/cents', '/options/first/features/extras/e1/cents'],
    ['/options/0/features/extras/7/cents', '/options/first/features/extras/7/cents'],
    [
      '/options/0/features/buydown/reductionsPercent/1',
      '/options/first/features/buydown/reductionsPercent/1',
    ],
  ])('%s is %s', (pointer, place) => {
    expect(byIds(withExtra, pointer)).toBe(place)
  })

  it.each([
    ['/title', true],
    ['/options/first/closing/POINTS', true],
    ['/options/first/features/extras/e1/cents', true],
    ['/options/first/features/extras/e2/cents', false],
    ['/options/second/terms/ratePercent', false],
  ])('%s stands: %s', (place, expected) => {
    expect(stands(withExtra, place)).toBe(expected)
  })

  it('are read and written without touching what lies beside them', () => {
    const place = '/options/first/features/extras/e1/cents'
    expect(valueAt(withExtra, place)).toBe(100_00)
    const changed = withValueAt(withExtra, place, 5)
    expect(valueAt(changed, place)).toBe(5)
    expect(changed.options[0]?.terms).toBe(withExtra.options[0]?.terms)
    expect(valueAt(withExtra, '/options/first/closing/POINTS')).toBeUndefined()
  })
})
