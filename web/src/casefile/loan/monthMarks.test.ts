import { describe, expect, it } from 'vitest'
import type { HousingCostView, OptionView } from '../../api/client'
import { monthMarks, partsMarks } from './monthMarks'

const cost = (principalAndInterestCents: number, mortgageInsuranceCents: number): HousingCostView => ({
  principalAndInterestCents,
  propertyTaxCents: 20000,
  homeInsuranceCents: 0,
  mortgageInsuranceCents,
  duesCents: 0,
  otherCents: 0,
  totalCents: principalAndInterestCents + 20000 + mortgageInsuranceCents,
})

const bar = (fill: string, x: number, y: number, width: number, height: number) => ({
  mark: 'bar',
  x,
  y,
  width,
  height,
  fill,
})

const figures = {
  payments: 100,
  housingPeriods: [
    { fromPayment: 1, from: '2027-03-01', cost: cost(70000, 10000) },
    { fromPayment: 26, from: '2029-04-01', cost: cost(70000, 0) },
  ],
} as OptionView

describe('monthMarks', () => {
  it('stacks the parts, the most expensive month as high as the box', () => {
    expect(monthMarks(figures, 400, 100)).toEqual([
      bar('principal', 0, 30, 100, 70),
      bar('housing-1', 0, 10, 100, 20),
      bar('housing-3', 0, 0, 100, 10),
      bar('principal', 100, 30, 300, 70),
      bar('housing-1', 100, 10, 300, 20),
    ])
  })
})

describe('partsMarks', () => {
  it('lays the parts of a month side by side', () => {
    expect(partsMarks(cost(70000, 10000), 500, 12)).toEqual([
      bar('principal', 0, 0, 350, 12),
      bar('housing-1', 350, 0, 100, 12),
      bar('housing-3', 450, 0, 50, 12),
    ])
  })
})
