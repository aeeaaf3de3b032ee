import { describe, expect, it } from 'vitest'
import type { HousingCostView, OptionView } from '../../api/client'
import { monthBars } from './monthBars'

const cost = (principalAndInterestCents: number, mortgageInsuranceCents: number): HousingCostView => ({
  principalAndInterestCents,
  propertyTaxCents: 20000,
  homeInsuranceCents: 0,
  mortgageInsuranceCents,
  duesCents: 0,
  otherCents: 0,
  totalCents: principalAndInterestCents + 20000 + mortgageInsuranceCents,
})

const figures = {
  payments: 100,
  housingPeriods: [
    { fromPayment: 1, from: '2027-03-01', cost: cost(70000, 10000) },
    { fromPayment: 26, from: '2029-04-01', cost: cost(70000, 0) },
  ],
} as OptionView

describe('monthBars', () => {
  it('stands the parts upon one another, the dearest month as high as the box', () => {
    const bars = monthBars(figures, 400, 100)
    expect(bars.map(({ x, y, width, height, colour }) => [colour, x, y, width, height])).toEqual([
      ['principal', 0, 30, 100, 70],
      ['housing-1', 0, 10, 100, 20],
      ['housing-3', 0, 0, 100, 10],
      ['principal', 100, 30, 300, 70],
      ['housing-1', 100, 10, 300, 20],
    ])
  })
})
