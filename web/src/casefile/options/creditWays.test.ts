import { describe, expect, it } from 'vitest'
import type { CreditWayView } from '../../api/client'
import { aDocument } from '../../test/documents'
import { amount, baselineOf, purchaseOf, share, withDownAmount } from '../option'
import { creditChange, creditCost, creditWords } from './creditWays'

const option = baselineOf(aDocument())
const pricedFor = { tableId: 'thirty', loanToValuePercent: 80, score: 702 }
const way = (fields: Partial<CreditWayView>): CreditWayView => ({
  way: 'POINTS',
  ratePercent: null,
  pointsPercent: null,
  reductionsPercent: [],
  priceCents: null,
  costCents: null,
  unusedCents: null,
  figures: null,
  because: [],
  ...fields,
})

describe('a seller’s credit', () => {
  it('pays for points at their rate', () => {
    const points = way({ ratePercent: 5.25, pointsPercent: 1.5, costCents: 398693, unusedCents: 1307 })
    const changed = creditChange(points, 400000, pricedFor)?.(option)
    expect(changed?.terms.ratePercent).toBe(5.25)
    expect(changed?.pricedAt).toEqual({ ratePercent: 5.25, pointsPercent: 1.5, ...pricedFor })
    expect(changed?.closing.items).toMatchObject([
      { kind: 'POINTS', amount: share(1.5) },
      { kind: 'SELLER_CREDIT', amount: amount(400000) },
    ])
    expect(creditWords(points)).toBe('1.5 points for 5.25\u202f%')
    expect(creditCost(points)).toBe('costs 3,986.93; 13.07 of the credit unused')
  })

  it('pays for a buydown', () => {
    const buydown = way({ way: 'BUYDOWN', reductionsPercent: [2, 1], costCents: 500000, unusedCents: 0 })
    expect(creditChange(buydown, 500000, pricedFor)?.(option).features.buydown).toEqual({
      reductionsPercent: [2, 1],
      paidBy: 'BUYER',
    })
    expect(creditWords(buydown)).toBe('a buydown of 2-1 for the first 2 years')
    expect(creditCost(buydown)).toBe('costs 5,000.00')
  })

  it('lowers the price with the same share down, also where that was an amount', () => {
    const lower = way({ way: 'PRICE', priceCents: 30000000 })
    const changed = creditChange(lower, 1270000, pricedFor)?.(withDownAmount(15635000)(option))
    expect(changed && purchaseOf(changed)).toMatchObject({ priceCents: 30000000, down: share(50) })
  })

  it('changes nothing by a way that is not open', () => {
    expect(
      creditChange(way({ because: [{ code: 'NO_RATE_TABLE', values: [], message: '' }] }), 1, pricedFor),
    ).toBeNull()
  })
})
