import { describe, expect, it } from 'vitest'
import { MARKETS } from '../format/market'
import { aDocument } from '../test/documents'
import { addExtra } from './clauses'
import { differencesOf } from './differences'
import { baselineOf, withDownAmount, withFields, withHousing, type OptionChange } from './option'

const baseline = baselineOf(aDocument())
const words = (...changes: OptionChange[]) =>
  differencesOf(
    baseline,
    changes.reduce((option, change) => change(option), baseline),
    'en-US',
    MARKETS.US,
  )

describe('differencesOf', () => {
  it('names what differs', () => {
    expect(words()).toBe('the same as the baseline')
    expect(words(withFields({ termMonths: 180 }))).toBe('15 years')
    expect(words(withDownAmount(6100000))).toBe('61,000 down')
    expect(words(addExtra('ONCE', 1250000, { payment: null, day: '2033-06-01' }))).toBe(
      'plus 12,500 in Jun 2033',
    )
    expect(words(withHousing({ duesCents: 100 }))).toBe('other costs')
  })

  it('says that there is more', () => {
    expect(words(withFields({ termMonths: 180, ratePercent: 5, interestOnlyPayments: 12 }))).toBe(
      '15 years, 5\u202f% and more',
    )
  })
})
