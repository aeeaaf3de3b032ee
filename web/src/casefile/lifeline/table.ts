import type { Column } from './columns'
import { sumsOf, type Life, type PaymentRange } from './life'

const decimal = (cents: number | null) => (cents === null ? '' : (cents / 100).toFixed(2))

/** Lines of a schedule as texts: number, date, and the columns' figures with two decimals and nothing else. */
export function textRows(life: Life, columns: readonly Column[], { first, last }: PaymentRange): string[][] {
  const rows = [['Payment', 'Date', ...columns.map((column) => column.name)]]
  for (let line = first; line <= last; line++) {
    const own = sumsOf(life, line, line)
    const soFar = sumsOf(life, 1, line)
    rows.push([
      String(line),
      life.schedule.dates[line - 1] ?? '',
      ...columns.map((column) => decimal(column.of(own, soFar))),
    ])
  }
  return rows
}

/** As text that pastes into columns. */
export const asTabbed = (rows: readonly (readonly string[])[]) => rows.map((row) => row.join('\t')).join('\n')
