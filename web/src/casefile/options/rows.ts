import type { OptionRow } from '../../api/client'
import { WHOLE_OPTION, type Subject } from '../../api/workings'
import { formatAmount, formatDifference } from '../../format/amount'
import { FREQUENCY_WORDS } from '../../format/conventions'
import { formatMonth } from '../../format/date'
import type { MarketWords } from '../../format/market'
import { formatRatio } from '../../format/percent'
import { formatTerm, shortTerm } from '../../format/term'
import type { FigureName } from '../../working/figureWords'
import { inSentence, type Answer, type Compared, type Comparison } from './compared'
import { monthsBetween } from '../../entry/date'

type Answered = Compared & { answer: Answer }

/** What a row says of an option. */
export type Cell = {
  text: string
  /** By how much it differs from the one compared with; empty where it says nothing of it. */
  difference: string
  /** What the best of a row is found by: the least is best; absent where none is best. */
  rank?: number
  figure?: FigureName
  subject?: Subject
}

export type Row = {
  row: OptionRow
  label: (words: MarketWords, comparison: Comparison) => string
  /** What the best is called, by a word of its own. */
  best?: string
  cell: (option: Answered, about: About) => Cell | null
}

/** What the cells of a table have in common. */
export type About = { base: Answered; locale: string }

export type RowGroup = { label: (comparison: Comparison) => string; rows: readonly Row[] }

const KEPT: Subject = { of: 'kept' }

const amount = (
  of: (answer: Answer) => number | null | undefined,
  figure: FigureName,
  subject: Subject = WHOLE_OPTION,
): Pick<Row, 'cell' | 'best'> => ({
  best: 'lowest',
  cell: (option, { base }) => {
    const cents = of(option.answer)
    if (cents == null) return null
    const compared = of(base.answer)
    return {
      text: formatAmount(cents),
      difference: option === base || compared == null ? '' : differenceWords(cents - compared),
      rank: cents,
      figure,
      subject,
    }
  },
})

const differenceWords = (cents: number) => (cents === 0 ? 'same' : formatDifference(cents))

/** Everything that options can be compared by, in groups as people speak of it. */
export const ROW_GROUPS: readonly RowGroup[] = [
  {
    label: () => 'The month',
    rows: [
      { row: 'PAYMENT', label: () => 'Payment', cell: payment },
      {
        row: 'MONTH',
        label: () => 'What goes out in a month',
        ...amount(({ kept }) => kept.monthCents, 'KEPT_MONTH', KEPT),
      },
      {
        row: 'MORTGAGE_INSURANCE',
        label: (words) => words.mortgageInsurance,
        ...amount(({ figures }) => figures.housingCost.mortgageInsuranceCents, 'MORTGAGE_INSURANCE'),
      },
      { row: 'CHANGE_FROM_TODAY', label: () => 'Payment against today’s', cell: changeFromToday },
    ],
  },
  {
    label: () => 'At closing',
    rows: [
      {
        row: 'CASH_TO_CLOSE',
        label: (words) => words.cashToClose,
        ...amount(({ figures }) => figures.cashToClose.totalCents, 'CASH_TO_CLOSE'),
      },
      {
        row: 'LOAN',
        label: () => 'Loan amount',
        cell: amount(({ figures }) => figures.loanCents, 'LOAN_AMOUNT').cell,
      },
      { row: 'LOAN_TO_VALUE', label: () => 'Loan-to-value', cell: loanToValue },
      {
        row: 'POINTS',
        label: () => 'Points, less lender credit',
        ...amount(({ figures }) => pointsOf(figures), 'CASH_TO_CLOSE'),
      },
      { row: 'PAYBACK', label: () => 'Simple payback of costs or points', best: 'soonest', cell: payback },
    ],
  },
  {
    label: ({ view }) => `Kept for ${formatTerm(view.keptMonths)}`,
    rows: [
      {
        row: 'KEPT_COST',
        label: (_, { view }) => (view.homeCostsCount ? 'All-in cost, home costs included' : 'All-in cost'),
        ...amount(({ kept }) => kept.costCents, 'KEPT_COST', KEPT),
      },
      {
        row: 'KEPT_BALANCE',
        label: () => 'Balance then',
        ...amount(({ kept }) => kept.balanceCents, 'KEPT_BALANCE', KEPT),
      },
      {
        row: 'KEPT_INTEREST',
        label: () => 'Interest by then',
        ...amount(({ kept }) => kept.interestCents, 'KEPT_INTEREST', KEPT),
      },
      {
        row: 'STAYS_FROM',
        label: (_, { base }) => `At or under ${inSentence(base)}`,
        cell: staysFrom,
      },
    ],
  },
  {
    label: () => 'Whole life',
    rows: [
      {
        row: 'TOTAL_INTEREST',
        label: () => 'Total interest',
        ...amount(({ figures }) => figures.totalInterestCents, 'TOTAL_INTEREST'),
      },
      {
        row: 'TOTAL_PAID',
        label: () => 'Total paid',
        ...amount(({ figures }) => figures.totalPaidCents, 'TOTAL_PAID'),
      },
      { row: 'PAYOFF_DATE', label: () => 'Paid off', best: 'earliest', cell: payoff },
      {
        row: 'CREDIT_COST_RATE',
        label: (words) => words.creditCostRate,
        best: 'lowest',
        cell: creditCostRate,
      },
    ],
  },
]

/** Payments of another frequency are no amounts to compare. */
function payment(option: Answered, about: About): Cell | null {
  const { cell } = amount(({ figures }) => figures.paymentCents, 'PAYMENT')
  const { frequency } = option.option.terms
  const own = cell(option, about)
  return own && frequency !== about.base.option.terms.frequency
    ? { ...own, difference: FREQUENCY_WORDS[frequency] }
    : own
}

const pointsOf = ({ cashToClose }: Answer['figures']) =>
  cashToClose.costs.filter(({ kind }) => kind === 'POINTS').reduce((sum, { cents }) => sum + cents, 0) -
  cashToClose.lenderCreditCents

function loanToValue({ answer }: Answered, { base }: About): Cell | null {
  const share = answer.figures.loanToValuePercent
  if (share === null) return null
  const compared = base.answer.figures.loanToValuePercent
  return {
    text: formatRatio(share, 2),
    difference: compared === null || compared === share ? '' : formatPercentPoints(share - compared),
    figure: 'LOAN_TO_VALUE',
  }
}

const formatPercentPoints = (points: number) =>
  `${points < 0 ? '−' : '+'}${Math.abs(points).toFixed(2)} points`

function changeFromToday({ answer }: Answered): Cell | null {
  const change = answer.kept.changeFromTodayCents
  if (change === null) return null
  return {
    text: differenceWords(change),
    difference: 'a month',
    rank: change,
    figure: 'CHANGE_FROM_TODAY',
    subject: KEPT,
  }
}

function payback({ answer }: Answered): Cell | null {
  const { payback: told } = answer.kept
  if (!told) return null
  const saving = told.monthlySavingCents
  return told.months === null
    ? { text: 'none', difference: 'nothing is saved a month' }
    : {
        text: formatTerm(told.months),
        difference: `${formatAmount(told.costsCents)} at ${formatAmount(saving)} a month`,
        rank: told.months,
        figure: 'PAYBACK',
        subject: KEPT,
      }
}

function staysFrom(option: Answered, { base }: About): Cell | null {
  if (option === base) return null
  const { staysFromMonth, ahead } = option.answer.kept
  const while_ = ahead.length > 0 ? `cheaper ${ahead.map(aheadWords).join(', ')}` : 'never cheaper'
  if (staysFromMonth === null) return { text: 'never for good', difference: while_ }
  return {
    text: staysFromMonth === 1 ? 'at once' : `from month ${staysFromMonth}`,
    difference: staysFromMonth === 1 ? '' : formatTerm(staysFromMonth),
    figure: 'STAYS_FROM',
    subject: KEPT,
  }
}

const aheadWords = ({ fromMonth, toMonth }: { fromMonth: number; toMonth: number }) =>
  fromMonth === toMonth ? `in month ${fromMonth}` : `months ${fromMonth} to ${toMonth}`

function payoff(option: Answered, { base, locale }: About): Cell {
  const { payoffDate } = option.answer.figures
  const months = monthsBetween(base.answer.figures.payoffDate, payoffDate)
  return {
    text: formatMonth(payoffDate, locale),
    difference:
      option === base
        ? ''
        : months === 0
          ? 'same'
          : `${shortTerm(Math.abs(months))} ${months < 0 ? 'earlier' : 'later'}`,
    rank: Date.parse(payoffDate),
    figure: 'PAYOFF_DATE',
  }
}

function creditCostRate({ answer }: Answered): Cell | null {
  const rate = answer.figures.annualPercentageRate
  if (rate === null) return null
  return { text: formatRatio(rate, 3), difference: '', rank: rate, figure: 'ANNUAL_PERCENTAGE_RATE' }
}

/** The places of a row's best cells; none where it has no best, or all are the same. */
export function bestOf(cells: readonly (Cell | null)[]): ReadonlySet<number> {
  const ranks = cells.flatMap((cell) => (cell?.rank === undefined ? [] : [cell.rank]))
  const least = Math.min(...ranks)
  if (ranks.length < 2 || ranks.every((rank) => rank === least)) return new Set()
  return new Set(cells.flatMap((cell, index) => (cell?.rank === least ? [index] : [])))
}
