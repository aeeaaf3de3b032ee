import { describe, expect, it } from 'vitest'
import { MARKETS } from '../format/market'
import { aDocument } from '../test/documents'
import { addExtra } from './featureLists'
import { differencesOf, fullTitleOf } from './differences'
import {
  asLoanOnly,
  baselineOf,
  withDownAmount,
  withFeatures,
  withHousing,
  withTerms,
  type OptionChange,
} from './option'

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
    expect(words(withTerms({ amortizationMonths: 180 }))).toBe('15 years')
    expect(words(withDownAmount(6100000))).toBe('61,000 down')
    expect(words(addExtra('e1', 'ONCE', 1250000, { payment: null, day: '2033-06-01' }))).toBe(
      'plus 12,500 in Jun 2033',
    )
    expect(words(withHousing({ duesCents: 100 }))).toBe('other costs')
    expect(words(asLoanOnly(26579500))).toBe('loan only, 265,795')
    expect(words((option) => ({ ...option, id: 'another' }))).toBe('the same as the baseline')
  })

  it('is told whole to who cannot look it up, by term and rate first', () => {
    const changes = [
      withTerms({ amortizationMonths: 180, ratePercent: 5 }),
      withDownAmount(6100000),
      withFeatures({ interestOnlyPayments: 12 }),
    ]
    const option = changes.reduce((changed, change) => change(changed), baseline)
    expect(fullTitleOf(baseline, option, 'en-US', MARKETS.US)).toBe(
      '15 years at 5\u202f%, 61,000 down, interest-only period',
    )
    expect(fullTitleOf(baseline, baseline, 'en-US', MARKETS.US)).toBe('25 years at 5.5\u202f%')
    expect(fullTitleOf(baseline, { ...option, name: 'Short' }, 'en-US', MARKETS.US)).toBe('Short')
  })

  it('says that there is more', () => {
    expect(
      words(
        withTerms({ amortizationMonths: 180, ratePercent: 5 }),
        withFeatures({ interestOnlyPayments: 12 }),
      ),
    ).toBe('15 years, 5\u202f% and more')
  })
})
