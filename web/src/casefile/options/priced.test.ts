import { describe, expect, it } from 'vitest'
import { aDocument } from '../../test/documents'
import { aTable } from '../../test/rateTables'
import { baselineOf, withTerms } from '../option'
import { withPoints } from './alternatives'
import { pricedAs, pricedAtOf, pricedOnOf, pricedTableOf, repricing, tableRateOf, withOffer } from './priced'

const option = baselineOf(aDocument())
const offer = {
  tableId: 'thirty',
  ratePercent: 5.75,
  pointsPercent: 1.25,
  loanToValuePercent: 80,
  score: null,
}

describe('what an option was priced for', () => {
  it('is kept with its points, and no longer theirs once they are others', () => {
    const priced = withOffer(offer)(option)
    expect(pricedAtOf(priced)).toEqual(offer)
    expect(pricedAtOf(withPoints(1.5)(priced))).toBeNull()
    const [points] = priced.closing.items
    const edited = points && { ...points, amount: { cents: null, percent: 1 } }
    expect(
      pricedAtOf({ ...priced, closing: { ...priced.closing, items: edited ? [edited] : [] } }),
    ).toBeNull()
    expect(pricedAtOf(withOffer({ ...offer, pointsPercent: -0.5 })(option))?.pointsPercent).toBe(-0.5)
  })

  it('is of the table without what a programme adds for letting', () => {
    const let5 = withTerms({ ratePercent: 5.95, lettingAddOnPercent: 0.2 })(pricedAs(offer)(option))
    expect(tableRateOf(let5)).toBe(5.75)
    expect(pricedAs({ ...offer, pointsPercent: 2 })(let5).terms).toEqual(let5.terms)
    expect(withOffer(offer)(let5).terms).toMatchObject({ ratePercent: 5.75, lettingAddOnPercent: null })
  })

  it('is asked of its own table, also where the case names another by now', () => {
    const priced = { ...withOffer(offer)(option), pricedAt: { ...offer, tableId: 'other' } }
    const months = option.terms.amortizationMonths
    const on = pricedOnOf(aTable('fifteen', 180), null)
    const tables = [aTable('thirty', months), aTable('other', months), aTable('fifteen', 180)]
    expect(pricedTableOf(priced, on, tables)?.id).toBe('other')
    const unnamed = { ...priced, pricedAt: { ...offer, tableId: null } }
    expect(pricedTableOf(unnamed, pricedOnOf(aTable('thirty', months), null), tables)?.id).toBe('thirty')
    expect(pricedTableOf(unnamed, on, tables)).toBeNull()
  })

  it('is told where the table now asks something else', () => {
    const now = { ...offer, pointsPercent: 1.75 }
    expect(repricing(offer, { ...offer, loanToValuePercent: 85 })).toBeNull()
    expect(repricing(offer, now)).toBe('Priced for 1.25 points; the table now asks 1.75 points.')
    expect(repricing(offer, { ...now, loanToValuePercent: 85, score: 700 })).toBe(
      'Priced at 80\u202f% of the value, without a score; the table now asks 1.75 points.',
    )
    expect(repricing(offer, { ...now, ratePercent: 5.5, pointsPercent: -0.25 })).toBe(
      'Priced for 5.75\u202f%; the table now asks for a credit of 0.25\u202f%.',
    )
  })
})
