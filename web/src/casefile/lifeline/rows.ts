import { yearsOf, type Life, type Year } from './life'

/** A row of the schedule: the line before the first payment, a year, or a payment of an opened year. */
export type Row =
  { kind: 'start' } | { kind: 'year'; year: Year; isOpen: boolean } | { kind: 'payment'; payment: number }

/** The rows with these years opened to their payments. */
export function rowsOf(life: Life, open: ReadonlySet<string>): Row[] {
  const rows: Row[] = [{ kind: 'start' }]
  for (const year of yearsOf(life)) {
    const isOpen = open.has(year.year)
    rows.push({ kind: 'year', year, isOpen })
    for (let payment = year.first; isOpen && payment <= year.last; payment++) {
      rows.push({ kind: 'payment', payment })
    }
  }
  return rows
}

/** Where a payment stands: its own row, or its year's where that is closed. */
export const rowOf = (rows: readonly Row[], payment: number): number => {
  const own = rows.findIndex((row) => row.kind === 'payment' && row.payment === payment)
  if (own >= 0) return own
  return rows.findIndex((row) => row.kind === 'year' && row.year.first <= payment && payment <= row.year.last)
}
