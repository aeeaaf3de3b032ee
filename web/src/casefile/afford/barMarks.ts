import type { HousingCostView, ReadingView, SetView } from '../../api/client'
import type { MarketWords } from '../../format/market'
import type { Colour } from '../../picture/looks'

/** A part of what is committed, in the bar. */
export type BarPart = { name: string; cents: number; colour: Colour }

/** Where a limit lies on the bar. */
export type Notch = { reading: ReadingView; atCents: number }

/** What goes out in a month, part by part; what is nothing is left out. */
export function partsOf(housing: HousingCostView, debtsCents: number, words: MarketWords): BarPart[] {
  const parts: BarPart[] = [
    { name: 'Principal and interest', cents: housing.principalAndInterestCents, colour: 'principal' },
    { name: words.propertyTax, cents: housing.propertyTaxCents, colour: 'housing-1' },
    { name: 'Home insurance', cents: housing.homeInsuranceCents, colour: 'housing-2' },
    { name: words.mortgageInsurance, cents: housing.mortgageInsuranceCents, colour: 'housing-3' },
    { name: words.dues, cents: housing.duesCents, colour: 'housing-4' },
    { name: 'Other', cents: housing.otherCents, colour: 'housing-5' },
    { name: 'Debts', cents: debtsCents, colour: 'debts' },
  ]
  return parts.filter(({ cents }) => cents > 0)
}

/** The limits that are a part of the income, where they lie on it: a limit of the home by itself ends before the debts. */
export function notchesOf({ readings, monthlyIncomeCents }: SetView): Notch[] {
  return readings.flatMap((reading) =>
    reading.limit !== null &&
    reading.unknown === null &&
    (reading.measure === 'FRONT_END' || reading.measure === 'BACK_END')
      ? [{ reading, atCents: (reading.limit * monthlyIncomeCents) / 100 }]
      : [],
  )
}
