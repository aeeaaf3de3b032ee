import type { HousingCostView } from '../../api/client'
import type { MarketWords } from '../../format/market'
import type { Colour } from '../../picture/looks'
import type { FigureName } from '../../working/figureWords'

/** A part of what a month costs. */
export type Part = {
  cents: keyof HousingCostView
  /** What it is called everywhere in the program. */
  name: string
  /** What the case's market calls it. */
  words: (market: MarketWords) => string
  /** The colour that it has in every picture. */
  colour: Colour
  figure: FigureName
}

/** The parts in the order in which they are stacked. */
export const PARTS: readonly Part[] = [
  {
    cents: 'principalAndInterestCents',
    name: 'Principal and interest',
    words: () => 'Principal and interest',
    colour: 'principal',
    figure: 'PRINCIPAL_AND_INTEREST',
  },
  {
    cents: 'propertyTaxCents',
    name: 'Property tax',
    words: (market) => market.propertyTax,
    colour: 'housing-1',
    figure: 'PROPERTY_TAX',
  },
  {
    cents: 'homeInsuranceCents',
    name: 'Home insurance',
    words: () => 'Home insurance',
    colour: 'housing-2',
    figure: 'HOME_INSURANCE',
  },
  {
    cents: 'mortgageInsuranceCents',
    name: 'Mortgage insurance',
    words: (market) => market.mortgageInsurance,
    colour: 'housing-3',
    figure: 'MORTGAGE_INSURANCE',
  },
  {
    cents: 'duesCents',
    name: 'Dues',
    words: (market) => market.dues,
    colour: 'housing-4',
    figure: 'DUES',
  },
  { cents: 'otherCents', name: 'Other', words: () => 'Other', colour: 'housing-5', figure: 'OTHER_COST' },
]
