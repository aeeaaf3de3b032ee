import { describe, expect, it } from 'vitest'
import { MARKETS } from '../../format/market'
import { aSchedule } from '../../test/schedules'
import { cellFigure, cellTexts } from './cells'
import { COLUMN_KEYS, columnsOf } from './columns'
import { lifeOf } from './life'
import { rowsOf } from './rows'
import { nextCell } from './useCells'

const life = lifeOf(aSchedule({ valueCents: [130000, 130000, 130000] }))
const rows = rowsOf(life, new Set(['2027']))
const [start, year, first] = rows
const all = columnsOf(MARKETS.US)
const columns = COLUMN_KEYS.map((key) => all[key])

describe('cellTexts', () => {
  it('says before the first payment only what is owed and what the home is worth beyond it', () => {
    expect(start && cellTexts(life, start, columns)).toEqual([
      ...Array<string>(7).fill(''),
      '1,000.00',
      '300.00',
    ])
  })

  it('sums a year up', () => {
    expect(year && cellTexts(life, year, [all.paid, all.extra, all.interestSoFar])).toEqual([
      '1,007.50',
      '5.00',
      '7.50',
    ])
  })
})

describe('cellFigure', () => {
  it('is a line’s own, a range’s sum, or one so far', () => {
    expect(first && cellFigure(first, 'interest')).toEqual({
      figure: 'LINE_INTEREST',
      subject: { of: 'line', line: 1 },
    })
    expect(year && cellFigure(year, 'interest')).toEqual({
      figure: 'RANGE_INTEREST',
      subject: { of: 'range', first: 1, last: 2 },
    })
    expect(first && cellFigure(first, 'principalSoFar')).toEqual({
      figure: 'RANGE_PRINCIPAL_PAID',
      subject: { of: 'range', first: 1, last: 1 },
    })
    expect(year && cellFigure(year, 'balance')).toEqual({
      figure: 'LINE_BALANCE',
      subject: { of: 'line', line: 2 },
    })
  })

  it('is the loan itself before the first payment', () => {
    expect(start && cellFigure(start, 'balance')).toEqual({
      figure: 'LOAN_AMOUNT',
      subject: { of: 'option' },
    })
  })
})

describe('nextCell', () => {
  const table = { life, rows, columns }

  it('passes over cells without a figure', () => {
    // Of the two payments only the first has an extra; no column but two says anything before it.
    expect(nextCell({ row: 2, column: 'extra' }, { row: 1, column: 0 }, table)).toBeNull()
    expect(nextCell({ row: 3, column: 'principal' }, { row: 0, column: 1 }, table)).toEqual({
      row: 3,
      column: 'interestSoFar',
    })
  })

  it('ends at the edges', () => {
    expect(nextCell({ row: 1, column: 'paid' }, { row: -1, column: 0 }, table)).toBeNull()
    expect(nextCell({ row: 0, column: 'equity' }, { row: 0, column: 1 }, table)).toBeNull()
    expect(nextCell({ row: 3, column: 'balance' }, { row: -1, column: 0 }, table)).toEqual({
      row: 2,
      column: 'balance',
    })
  })
})
