import type { LimitSetDocument } from '../../api/client'
import { newId } from '../../casefile/newId'
import { MARKETS, type Market } from '../../format/market'
import type { ByHousehold, Condition, LimitTest, Measure } from './setWords'

const USUAL_LIMITS: Record<Exclude<Measure, 'RESIDUAL_INCOME'>, number> = {
  FRONT_END: 28,
  BACK_END: 36,
  LOAN_TO_INCOME: 4.5,
  DEBT_TO_INCOME: 6,
  LOAN_TO_VALUE: 95,
  RESERVES: 2,
  SCORE: 620,
}

/** A test to begin with, at a usual limit. */
export const newTest = (measure: Measure): LimitTest => ({
  id: newId(),
  ...limitOf(measure),
  conditions: [],
})

/** A measure with a usual limit of its kind. */
export const limitOf = (measure: Measure): Pick<LimitTest, 'measure' | 'limit' | 'byHousehold'> =>
  measure === 'RESIDUAL_INCOME'
    ? { measure, limit: 500, byHousehold: null }
    : { measure, limit: USUAL_LIMITS[measure], byHousehold: null }

/** A condition to begin with: that a person decides. */
export const newCondition = (): Condition => ({
  id: newId(),
  fact: null,
  bound: null,
  value: null,
  underwriting: 'MANUAL',
})

/** A table of amounts by household to begin with. */
export const newTable = (): ByHousehold => ({
  mostPeople: 7,
  regions: [{ id: newId(), region: 'everywhere', bySizeCents: [450_00, 750_00], perFurtherCents: 75_00 }],
})

/** A set to begin with, in a market's own words. */
export const newSet = (market: Market, today: string): LimitSetDocument => ({
  name: 'Limits of a lender',
  market,
  frontName: MARKETS[market].frontRatio,
  backName: MARKETS[market].backRatio,
  source: 'agreed with the lender',
  day: today,
  stressed: null,
  leftOutAtMostPayments: 10,
  balanceSharePercent: 1,
  rentCountedPercent: 75,
  longestTermYears: 30,
  tests: [newTest('BACK_END')],
})
