import type { LimitSetDocument } from '../../api/client'
import { measureName, measured } from '../../casefile/afford/readingWords'
import { formatEntry } from '../../format/amount'
import { formatPercent } from '../../format/percent'

export type LimitTest = LimitSetDocument['tests'][number]
export type Condition = LimitTest['conditions'][number]
export type ByHousehold = NonNullable<LimitTest['byHousehold']>
export type Measure = LimitTest['measure']

type Fact = NonNullable<Condition['fact']>
type Bound = NonNullable<Condition['bound']>

export const FACTS: Record<Fact, string> = {
  RESERVES: 'months in reserve',
  SCORE: 'credit score',
  LOAN_TO_VALUE: 'loan to value',
}

export const BOUNDS: Record<Bound, string> = {
  FROM: 'from',
  UP_TO: 'up to',
  BELOW: 'below',
  ABOVE: 'above',
}

export const DECIDED_BY = { MANUAL: 'by a person', AUTOMATED: 'by a machine' } as const

/** Whether a limit is the least that is asked for, not the most that is allowed. */
export const isLeast = (measure: Measure) =>
  measure === 'RESIDUAL_INCOME' || measure === 'RESERVES' || measure === 'SCORE'

/** A limit as it is written: 45 %, 4.5 times, 6 months, 620. */
export function limitText(measure: Measure, limit: number): string {
  switch (measure) {
    case 'FRONT_END':
    case 'BACK_END':
    case 'LOAN_TO_VALUE':
      return formatPercent(limit)
    case 'RESERVES':
      return `${limit} months`
    default:
      return measured(measure, limit)
  }
}

/** When a test applies: months in reserve from 6; decided by a person. */
export function conditionWords({ fact, bound, value, underwriting }: Condition): string {
  if (underwriting !== null) return `decided ${DECIDED_BY[underwriting]}`
  if (fact === null || bound === null || value === null) return ''
  const figure = fact === 'LOAN_TO_VALUE' ? formatPercent(value) : String(value)
  return `${FACTS[fact]} ${BOUNDS[bound]} ${figure}`
}

/** A test in a line: total ratio at most 45 %, if months in reserve from 6. */
export function testWords(test: LimitTest, set: LimitSetDocument): string {
  const { measure, limit, byHousehold, conditions } = test
  const name = measureName(measure, set)
  const size = byHousehold
    ? 'at least what its table says'
    : `${isLeast(measure) ? 'at least' : 'at most'} ${limitText(measure, limit ?? 0)}`
  const when = conditions.map(conditionWords).join(' and ')
  return `${name} ${size}${when === '' ? '' : `, if ${when}`}`
}

/** The rate at which housing is tested. */
export const stressedWords = ({ stressed }: Pick<LimitSetDocument, 'stressed'>) =>
  stressed
    ? `tested at ${formatPercent(stressed.addedPercent)} above the rate, at least ${formatPercent(stressed.floorPercent)}`
    : 'tested at the loan’s own rate'

/** A whole set in lines, for comparing one state with another. */
export function setLines(set: LimitSetDocument): string[] {
  return [
    `called ${set.name}`,
    `housing is the ${set.frontName}, all of it the ${set.backName}`,
    `from ${set.source}`,
    `of ${set.day}`,
    stressedWords(set),
    `debts with at most ${set.leftOutAtMostPayments} payments left count nothing`,
    `${formatPercent(set.balanceSharePercent)} of a balance without a payment counts`,
    `${formatPercent(set.rentCountedPercent)} of another home’s rent counts`,
    `terms up to ${set.longestTermYears} years`,
    ...set.tests.map((test) => testWords(test, set)),
    ...set.tests.flatMap(({ byHousehold }) => (byHousehold ? tableLines(byHousehold) : [])),
  ]
}

const tableLines = ({ mostPeople, regions }: ByHousehold) =>
  regions.map(
    ({ region, bySizeCents, perFurtherCents }) =>
      `${region}: ${bySizeCents.map(formatEntry).join(', ')}, then ${formatEntry(perFurtherCents)} each up to ${mostPeople} people`,
  )
