import { describe, expect, it } from 'vitest'
import type { RungView } from '../../api/client'
import { ladderSvg } from './ladderSvg'

const aRung = (ratePercent: number, perPaymentCents: number): RungView => ({
  ratePercent,
  paymentCents: 140000 + perPaymentCents,
  perPaymentCents,
  perYearCents: 12 * perPaymentCents,
  wholeLoanCents: 300 * perPaymentCents,
  because: [],
})
const unpriced: RungView = {
  ratePercent: 7,
  paymentCents: null,
  perPaymentCents: null,
  perYearCents: null,
  wholeLoanCents: null,
  because: [
    { code: 'PAYMENT_BELOW_INTEREST', values: [], message: 'The payment does not cover the interest.' },
  ],
}
const rungs = [aRung(5, -4200), aRung(5.5, 0), unpriced]

describe('ladderSvg', () => {
  it('says which loan and which measure it is about', async () => {
    const about = { title: 'Lot 3', rungs, measure: 'perPaymentCents', own: 5.5 } as const
    expect(await ladderSvg({ ...about, from: 'BEGINNING', renewal: null })).toContain(
      'At other rates: difference per payment to 5.5\u202f%',
    )
    expect(await ladderSvg({ ...about, from: 'RENEWAL', renewal: 'February 1, 2032' })).toContain(
      'At renewal on February 1, 2032: difference per payment to the payment before',
    )
  })

  it('draws the rates that have figures', async () => {
    const svg = await ladderSvg({
      title: '',
      rungs,
      measure: 'perPaymentCents',
      own: 5.5,
      from: 'BEGINNING',
      renewal: null,
    })
    expect(svg).toContain('−42.00')
    expect(svg).toContain('1,400.00 each')
    expect(svg).not.toContain('7\u202f%')
  })
})
