import type { HomeDifferenceView, OptionDocument } from '../../api/client'
import { formatAmount } from '../../format/amount'
import type { MarketWords } from '../../format/market'
import {
  homeValueOf,
  taxAsAmount,
  withHousing,
  withPurchase,
  withRefinancing,
  type OptionChange,
} from '../option'
import { inSentence, type Compared, type Comparison } from './compared'

type Part = HomeDifferenceView['part']

/** What differs between options besides the way of financing: said, and how all become like the first that has it. */
export type HomeDifference = { part: Part; words: string; action: string; change: OptionChange }

export function homeDifferences({ options, view }: Comparison, words: MarketWords): HomeDifference[] {
  return view.homeDifferences.flatMap(({ part, cents }) => {
    const source = options.find((_, place) => (cents[place] ?? 0) > 0)
    const wanted = cents.find((each) => (each ?? 0) > 0)
    if (!source || !wanted) return []
    return [
      {
        part,
        words: differenceWords(part, amountsOf(cents, options), words),
        action: `Set ${formatAmount(wanted)}${part === 'PRICE' ? '' : ' a month'} for all`,
        change: alike(part, source.option),
      },
    ]
  })
}

/** Which options say how much, the same amounts together. */
function amountsOf(cents: readonly (number | null)[], options: readonly Compared[]) {
  const told = new Map<number, string[]>()
  cents.forEach((each, place) => {
    const option = options[place]
    if (each !== null && option) told.set(each, [...(told.get(each) ?? []), inSentence(option)])
  })
  return told
}

function differenceWords(part: Part, told: ReadonlyMap<number, readonly string[]>, words: MarketWords) {
  const list = [...told].map(
    ([cents, names]) => `${cents === 0 ? 'none' : formatAmount(cents)} in ${named(names)}`,
  )
  if (part === 'PRICE') return `These are not at the same price: ${named(list)}.`
  const counted = [...told].filter(([cents]) => cents > 0)
  const [only] = counted
  const name = NAMES[part](words).toLowerCase()
  return told.size > counted.length && counted.length === 1 && only
    ? `Not the same costs are counted: ${name} only in ${named(only[1])}.`
    : `Not the same costs are counted: ${name} a month is ${named(list)}.`
}

const named = (names: readonly string[]) =>
  names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names.at(-1) ?? ''}`

const NAMES: Record<Exclude<Part, 'PRICE'>, (words: MarketWords) => string> = {
  PROPERTY_TAX: ({ propertyTax }) => propertyTax,
  HOME_INSURANCE: () => 'home insurance',
  DUES: ({ dues }) => dues,
  OTHER: () => 'other',
}

/** An option of the same home as another, in one part. */
function alike(part: Part, source: OptionDocument): OptionChange {
  const { housing } = source
  switch (part) {
    case 'PRICE': {
      const cents = homeValueOf(source) ?? 0
      return (option) => withRefinancing({ valueCents: cents })(withPurchase({ priceCents: cents })(option))
    }
    case 'PROPERTY_TAX':
      return (option) =>
        withHousing({ propertyTax: taxFor(option, source), propertyTaxEstimate: null })(option)
    case 'HOME_INSURANCE':
      return withHousing({ homeInsuranceCents: housing.homeInsuranceCents, homeInsuranceEstimate: null })
    case 'DUES':
      return withHousing({ duesCents: housing.duesCents })
    case 'OTHER':
      return withHousing({ otherCents: housing.otherCents })
  }
}

/** A tax that is a share of the price is an amount where an option has another or none. */
const taxFor = (option: OptionDocument, source: OptionDocument) =>
  homeValueOf(option) === homeValueOf(source) ? source.housing.propertyTax : taxAsAmount(source)
