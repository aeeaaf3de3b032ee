import { describe, expect, it } from 'vitest'
import { MARKETS } from '../../format/market'
import { aComparison } from '../../test/comparisons'
import type { HomeDifferenceView } from '../../api/client'
import { loanOnlyCents, purchaseOf, share, withHousing, type OptionChange } from '../option'
import { homeDifferences } from './homeDifferences'

const columns = ['short', 'long', 'less down'].map((id) => ({ id, costs: [1, 2] }))

const differences = (part: HomeDifferenceView['part'], cents: (number | null)[], change: OptionChange) => {
  const comparison = aComparison(columns, { homeDifferences: [{ part, cents }] })
  const options = comparison.options.map((each, place) =>
    place === 0 ? { ...each, option: change(each.option) } : each,
  )
  return homeDifferences({ ...comparison, options }, MARKETS.US)
}

describe('options that are not of the same home', () => {
  it('are said to have other prices, and get one', () => {
    const [price] = differences('PRICE', [440_000_00, 400_000_00, 400_000_00], (option) =>
      option.financing.kind === 'PURCHASE'
        ? { ...option, financing: { ...option.financing, priceCents: 440_000_00 } }
        : option,
    )
    expect(price?.words).toBe(
      'These are not at the same price: 440,000.00 in short and 400,000.00 in long and less down.',
    )
    expect(price?.action).toBe('Set 440,000.00 for all')
    const [, other] = aComparison(columns).options
    expect(other && price && purchaseOf(price.change(other.option))?.priceCents).toBe(440_000_00)
  })

  it('are said to count a cost that others lack, which those without a price get as an amount', () => {
    const [tax] = differences('PROPERTY_TAX', [385_00, 0, 0], withHousing({ propertyTax: share(1.2) }))
    expect(tax?.words).toBe('Not the same costs are counted: property tax only in short.')
    const [, other] = aComparison(columns).options
    if (!other || !tax) throw new Error('there is another option')
    const loan = { ...other.option, financing: { kind: 'LOAN_ONLY' as const, loanCents: 1 } }
    expect(loanOnlyCents(tax.change(loan))).toBe(1)
    expect(tax.change(loan).housing.propertyTax?.percent).toBeNull()
    expect(tax.change(other.option).housing.propertyTax).toEqual(share(1.2))
  })
})
