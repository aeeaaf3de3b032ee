import type { ComparisonView, KeptView, OptionDocument, ComparedFigures } from '../api/client'
import { compare, type Comparison } from '../casefile/options/compared'
import { MARKETS } from '../format/market'
import { aDocument } from './documents'

type Column = { id: string; month?: number; costs: readonly number[] }

/**
 * A comparison to test with: options whose cost is given for each month from 0, the last being how long they keep it. Without
 * costs an option has no figures.
 */
export function aComparison(columns: readonly Column[], fields: Partial<ComparisonView> = {}): Comparison {
  const [first] = aDocument().options
  if (!first) throw new Error('a document to test with has an option')
  const options: OptionDocument[] = columns.map(({ id }) => ({ ...first, id, name: id }))
  const horizonMonths = Math.max(...columns.map(({ costs }) => costs.length - 1))
  const answered = columns.flatMap(({ costs }, place) => (costs.length > 0 ? [place] : []))
  const last = (place: number) => columns[place]?.costs.at(-1) ?? Infinity
  const least = Math.min(...answered.map(last))
  const view: ComparisonView = {
    keptMonths: horizonMonths,
    keptIsGiven: true,
    horizonMonths,
    homeCostsCount: false,
    homeDifferences: [],
    baseline: answered[0] ?? 0,
    cheapestThen: answered.filter((place) => last(place) === least),
    cheapest: [{ fromMonth: 1, toMonth: horizonMonths, option: answered[0] ?? 0 }],
    options: columns.map(({ month = 0, costs }) =>
      costs.length === 0
        ? { figures: null, kept: null, because: [] }
        : { figures: {} as ComparedFigures, kept: keptOf(month, costs), because: [] },
    ),
    ...fields,
  }
  return compare(aDocument({ options }), view, 'en-US', MARKETS.US)
}

const keptOf = (month: number, costs: readonly number[]): KeptView => ({
  monthCents: month,
  costCents: costs.at(-1) ?? 0,
  balanceCents: 0,
  interestCents: 0,
  changeFromTodayCents: null,
  payback: null,
  staysFromMonth: null,
  ahead: [],
  costsByMonthCents: [...costs],
})
