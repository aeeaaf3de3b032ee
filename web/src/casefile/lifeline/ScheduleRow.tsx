import type { CSSProperties, ReactNode } from 'react'
import { formatAmount } from '../../format/amount'
import { formatDay } from '../../format/date'
import type { Column } from './columns'
import { sumsOf, type Life, type Stretch } from './life'
import type { Row } from './rows'

type ScheduleRowProps = {
  row: Row
  index: number
  life: Life
  columns: readonly Column[]
  locale: string
  marker: number
  stretch: Stretch | null
  style: CSSProperties
  toggle: (year: string) => void
  setMarker: (payment: number) => void
}

/** One row: line 0, a year that opens, or a payment that takes the marker. */
export function ScheduleRow(props: ScheduleRowProps) {
  const { row, life, locale, toggle, setMarker } = props
  if (row.kind === 'start') {
    return (
      <Cells {...props} first={0} last={0} name="0" payments="before the first">
        {null}
      </Cells>
    )
  }
  if (row.kind === 'year') {
    const { year, first, last } = row.year
    return (
      <Cells
        {...props}
        first={first}
        last={last}
        name={year}
        payments={first === last ? `${first}` : `${first} to ${last}`}
      >
        <button
          type="button"
          className="schedule-open"
          aria-expanded={row.isOpen}
          onClick={() => toggle(year)}
        >
          <span aria-hidden className="text-soft mr-1.5 inline-block w-3">
            {row.isOpen ? '▾' : '▸'}
          </span>
          {year}
        </button>
      </Cells>
    )
  }
  const date = formatDay(life.schedule.dates[row.payment - 1] ?? '', locale)
  return (
    <Cells {...props} first={row.payment} last={row.payment} name={date} payments="">
      <button
        type="button"
        className="schedule-open pl-5"
        aria-label={`${date}, payment ${row.payment}: put the marker here`}
        onClick={() => setMarker(row.payment)}
      >
        {date}
      </button>
    </Cells>
  )
}

type CellsProps = ScheduleRowProps & {
  first: number
  last: number
  name: string
  payments: string
  children: ReactNode
}

function Cells({
  row,
  index,
  life,
  columns,
  marker,
  stretch,
  style,
  first,
  last,
  name,
  payments,
  children,
}: CellsProps) {
  const isStart = row.kind === 'start'
  const own = sumsOf(life, isStart ? 1 : first, last)
  const soFar = sumsOf(life, 1, last)
  const isMarked =
    row.kind === 'payment'
      ? row.payment === marker
      : row.kind === 'year' && !row.isOpen && first <= marker && marker <= last
  const isInStretch = stretch !== null && !isStart && first >= stretch.first && last <= stretch.last
  return (
    <div
      role="row"
      aria-rowindex={index + 2}
      className={`schedule-row schedule-line schedule-${row.kind}`}
      data-marked={isMarked || undefined}
      data-in-stretch={isInStretch || undefined}
      style={style}
    >
      <span role="rowheader">{children ?? name}</span>
      <span role="cell">{row.kind === 'payment' ? `payment ${row.payment}` : payments}</span>
      {columns.map((column) => (
        <span key={column.key} role="cell" className="text-right">
          {figureOf(column, isStart, column.of(own, soFar))}
        </span>
      ))}
    </div>
  )
}

/** Before the first payment only what is owed, and what the home is worth beyond it, says anything. */
function figureOf(column: Column, isStart: boolean, cents: number | null): string {
  const saysNothing = isStart && column.key !== 'balance' && column.key !== 'equity'
  if (cents === null || saysNothing || (column.sparse && cents === 0)) return ''
  return formatAmount(cents)
}
