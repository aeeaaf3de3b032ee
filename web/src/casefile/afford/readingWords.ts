import type { LimitSetDocument, ReadingView } from '../../api/client'
import { formatAmount } from '../../format/amount'
import { formatPercent } from '../../format/percent'

type Measure = ReadingView['measure']

const UNKNOWN: Record<NonNullable<ReadingView['unknown']>, string> = {
  NO_INCOME: 'no income given',
  NO_SCORE: 'no score given',
  NO_VALUE: 'no value of the home given',
  NO_REGION: 'no region of the table given',
  NO_LIVING_COSTS: 'no income tax or upkeep given',
}

/** What a measure is called in a set. */
export function measureName(measure: Measure, { frontName, backName }: LimitSetDocument): string {
  switch (measure) {
    case 'FRONT_END':
      return frontName
    case 'BACK_END':
      return backName
    case 'LOAN_TO_INCOME':
      return 'loan to yearly income'
    case 'DEBT_TO_INCOME':
      return 'all debts to yearly income'
    case 'RESIDUAL_INCOME':
      return 'left over a month'
    case 'LOAN_TO_VALUE':
      return 'loan to value'
    case 'RESERVES':
      return 'months in reserve'
    case 'SCORE':
      return 'credit score'
  }
}

/** A figure of a measure, with its unit and every digit it is given with: 45.004 %, 4.50 times, 2,340.00. */
export function measured(measure: Measure, value: number, decimals = decimalsOf(value)): string {
  const figure = value.toLocaleString('en-US', {
    minimumFractionDigits: decimals,
    maximumFractionDigits: decimals,
  })
  switch (measure) {
    case 'FRONT_END':
    case 'BACK_END':
    case 'LOAN_TO_VALUE':
      return `${figure}\u202f%`
    case 'LOAN_TO_INCOME':
    case 'DEBT_TO_INCOME':
      return `${figure} times`
    case 'RESIDUAL_INCOME':
      return formatAmount(Math.round(value * 100))
    case 'RESERVES':
      return `${figure} months`
    case 'SCORE':
      return value.toLocaleString('en-US', { maximumFractionDigits: 0 })
  }
}

/** What a limit allows: at most 45 %, at least 2 months. */
export function limitWords({ measure, limit }: ReadingView): string {
  if (limit === null) return ''
  const isLeast = measure === 'RESIDUAL_INCOME' || measure === 'RESERVES' || measure === 'SCORE'
  const figure =
    measure === 'FRONT_END' || measure === 'BACK_END' || measure === 'LOAN_TO_VALUE'
      ? formatPercent(limit)
      : measured(measure, limit, decimalsOf(limit))
  return `${isLeast ? 'at least' : 'at most'} ${figure}`
}

/** By how much a test is met or missed, in what it tests. */
export function spareWords({ measure, spareCents, unknown }: ReadingView): string {
  if (unknown !== null || spareCents === null) return `not assessed: ${UNKNOWN[unknown ?? 'NO_INCOME']}`
  if (spareCents === 0) return 'met exactly'
  const isOver = spareCents < 0
  const size = Math.abs(spareCents)
  switch (measure) {
    case 'FRONT_END':
    case 'BACK_END':
      return isOver ? `over by ${formatAmount(size)} a month` : `${formatAmount(size)} a month to spare`
    case 'RESIDUAL_INCOME':
      return isOver ? `short by ${formatAmount(size)} a month` : `${formatAmount(size)} a month to spare`
    case 'LOAN_TO_INCOME':
    case 'DEBT_TO_INCOME':
    case 'LOAN_TO_VALUE':
      return isOver ? `loan over by ${formatAmount(size)}` : `loan of ${formatAmount(size)} more allowed`
    case 'RESERVES':
      return isOver ? `short by ${formatAmount(size)}` : `${formatAmount(size)} to spare`
    case 'SCORE':
      return isOver ? `${size} points short` : `${size} points to spare`
  }
}

/** The test that decides, in the answer: what it comes to, and how far that is from what the limits allow. */
export type Said = {
  before: string
  figure: string
  behind: string
  /** 0.38 a month over what … allows. */
  verdict: string
  ends: string
}

/** How the answer tells of a reading: with this home 45.004 % of it is committed: 0.38 a month over what … allows. */
export function saidOf({ measure, reached, spareCents }: ReadingView): Said {
  const figure = measured(measure, reached ?? 0)
  const spare = spareCents ?? 0
  const size = formatAmount(Math.abs(spare))
  const far = spare === 0 ? 'exactly' : `${size} ${spare < 0 ? 'more than' : 'less than'}`
  const enough = spare === 0 ? 'exactly' : `${size} ${spare < 0 ? 'less than' : 'more than'}`
  switch (measure) {
    case 'FRONT_END':
    case 'BACK_END':
      return {
        before: 'With this home',
        figure,
        behind: measure === 'FRONT_END' ? 'of it goes into housing' : 'of it is committed',
        verdict: spare === 0 ? 'just what' : `${size} a month ${spare < 0 ? 'over' : 'under'} what`,
        ends: 'allows.',
      }
    case 'LOAN_TO_INCOME':
      return {
        before: 'The loan is',
        figure,
        behind: 'what they earn in a year',
        verdict: `${far} what`,
        ends: 'allows.',
      }
    case 'DEBT_TO_INCOME':
      return {
        before: 'With the loan they owe',
        figure,
        behind: 'what they earn in a year',
        verdict: `${far} what`,
        ends: 'allows.',
      }
    case 'LOAN_TO_VALUE':
      return {
        before: 'The loan is',
        figure,
        behind: 'of the value',
        verdict: `${far} what`,
        ends: 'allows.',
      }
    case 'RESIDUAL_INCOME':
      return {
        before: 'With this home',
        figure: measured(measure, Math.abs(reached ?? 0)),
        behind: (reached ?? 0) < 0 ? 'is missing each month' : 'of it is left over',
        verdict: `${enough} what`,
        ends: 'asks for.',
      }
    case 'RESERVES':
      return {
        before: 'After closing,',
        figure,
        behind: 'of housing cost are left',
        verdict: `${enough} what`,
        ends: 'asks for.',
      }
    case 'SCORE':
      return {
        before: 'Their credit score is',
        figure,
        behind: '',
        verdict:
          spare === 0 ? 'just what' : `${Math.abs(spare)} points ${spare < 0 ? 'below' : 'above'} what`,
        ends: 'asks for.',
      }
  }
}

/** What is reached of what is allowed, in the index, which has room for one unit: 45.004 % of 45 %, 4.20 of 6 months. */
export function shortWords({ measure, limit, reached }: ReadingView): string {
  if (limit === null || reached === null) return ''
  const isPercent = measure === 'FRONT_END' || measure === 'BACK_END' || measure === 'LOAN_TO_VALUE'
  const figure = measured(measure, reached)
  if (isPercent) return `${figure} of ${formatPercent(limit)}`
  return `${figure.replace(/ (months|times)$/, '')} of ${measured(measure, limit, writtenDecimals(limit))}`
}

/** As many decimals as a figure is written with. */
const writtenDecimals = (value: number) => String(value).split('.')[1]?.length ?? 0

/** Whether a test is missed, and not only untold. */
export const isMissed = ({ isMet, unknown }: ReadingView) => !isMet && unknown === null

/** Why a reading cannot be told; empty where it can. */
export const unknownWords = ({ unknown }: ReadingView) => (unknown === null ? '' : UNKNOWN[unknown])

const LEAST_DECIMALS = 2

const decimalsOf = (value: number) => Math.max(LEAST_DECIMALS, writtenDecimals(value))
