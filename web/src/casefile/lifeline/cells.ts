import { WHOLE_OPTION } from '../../api/workings'
import { formatAmount } from '../../format/amount'
import type { FigureName } from '../../working/figureWords'
import type { ShownFigure } from '../../panel/panelStore'
import type { Column, ColumnKey } from './columns'
import { sumsOf, type Life, type PaymentRange } from './life'
import type { Row } from './rows'

/** The payments that a row counts; from 0 to 0 for the line before the first. */
export function spanOf(row: Row): PaymentRange {
  switch (row.kind) {
    case 'start':
      return { first: 0, last: 0 }
    case 'year':
      return { first: row.year.first, last: row.year.last }
    case 'payment':
      return { first: row.payment, last: row.payment }
  }
}

/** A row's figures in some columns, as written; empty where there is none or it says nothing. */
export function cellTexts(life: Life, row: Row, columns: readonly Column[]): string[] {
  const { first, last } = spanOf(row)
  const own = sumsOf(life, Math.max(1, first), last)
  const soFar = sumsOf(life, 1, last)
  return columns.map((column) => {
    // Before the first payment only what is owed, and what the home is worth beyond it, says anything.
    const saysNothing = row.kind === 'start' && column.key !== 'balance' && column.key !== 'equity'
    const cents = column.of(own, soFar)
    return cents === null || saysNothing || (column.sparse && cents === 0) ? '' : formatAmount(cents)
  })
}

/** The figures of a single payment, and of several, in the columns that tell a row's own payments. */
const OWN_FIGURES = {
  paid: ['LINE_PAID', 'RANGE_PAID'],
  interest: ['LINE_INTEREST', 'RANGE_INTEREST'],
  principal: ['LINE_PRINCIPAL', 'RANGE_PRINCIPAL'],
  extra: ['LINE_EXTRA', 'RANGE_EXTRA'],
  insurance: ['LINE_INSURANCE', 'RANGE_INSURANCE'],
} as const satisfies Partial<Record<ColumnKey, readonly [FigureName, FigureName]>>

/** Which figure a cell shows, and of what. */
export function cellFigure(row: Row, column: ColumnKey): ShownFigure {
  const { first, last } = spanOf(row)
  switch (column) {
    case 'balance':
      return row.kind === 'start'
        ? { figure: 'LOAN_AMOUNT', subject: WHOLE_OPTION }
        : { figure: 'LINE_BALANCE', subject: { of: 'line', line: last } }
    case 'equity':
      return { figure: 'EQUITY', subject: { of: 'line', line: last } }
    case 'interestSoFar':
      return { figure: 'RANGE_INTEREST', subject: { of: 'range', first: 1, last } }
    case 'principalSoFar':
      return { figure: 'RANGE_PRINCIPAL_PAID', subject: { of: 'range', first: 1, last } }
    default: {
      const [ofOne, ofSeveral] = OWN_FIGURES[column]
      return row.kind === 'payment'
        ? { figure: ofOne, subject: { of: 'line', line: last } }
        : { figure: ofSeveral, subject: { of: 'range', first, last } }
    }
  }
}
