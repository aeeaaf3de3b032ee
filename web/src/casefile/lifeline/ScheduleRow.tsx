import type { ReactNode } from 'react'
import { formatDay } from '../../format/date'
import { cellTexts, spanOf } from './cells'
import type { Column, ColumnKey } from './columns'
import type { Life, PaymentRange } from './life'
import type { Row } from './rows'

type ScheduleRowProps = {
  row: Row
  index: number
  life: Life
  columns: readonly Column[]
  locale: string
  marker: number
  range: PaymentRange | null
  /** The column whose figure is reached by Tab, where it is one of this row's. */
  tabStop: ColumnKey | null
  /** How far down it stands, in pixels. */
  top: number
  toggle: (year: string) => void
  setMarker: (payment: number) => void
}

/** One row: line 0, a year that opens, or a payment that takes the marker. */
export function ScheduleRow(props: ScheduleRowProps) {
  const { row, life, locale, toggle, setMarker } = props
  if (row.kind === 'start') {
    return (
      <Cells {...props} payments="">
        Opening balance
      </Cells>
    )
  }
  if (row.kind === 'year') {
    const { year, first, last } = row.year
    return (
      <Cells {...props} payments={first === last ? `${first}` : `${first} to ${last}`}>
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
    <Cells {...props} payments={`payment ${row.payment}`}>
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

type CellsProps = ScheduleRowProps & { payments: string; children: ReactNode }

function Cells({ row, index, life, columns, marker, range, tabStop, top, payments, children }: CellsProps) {
  const { first, last } = spanOf(row)
  const texts = cellTexts(life, row, columns)
  const isMarked = !(row.kind === 'year' && row.isOpen) && first <= marker && marker <= last
  const isInRange = range !== null && first >= range.first && last <= range.last
  return (
    <div
      role="row"
      aria-rowindex={index + 2}
      className={`schedule-row schedule-line schedule-${row.kind}`}
      data-row={index}
      data-marked={isMarked || undefined}
      data-in-range={isInRange || undefined}
      style={{ transform: `translateY(${top}px)` }}
    >
      <span role="rowheader">{children}</span>
      <span role="gridcell">{payments}</span>
      {columns.map(({ key }, place) => (
        <span key={key} role="gridcell">
          {texts[place] && (
            // Hundreds of them: what a click or a key does, the schedule as a whole listens for.
            <button
              className="explained"
              aria-haspopup="dialog"
              tabIndex={key === tabStop ? 0 : -1}
              data-column={key}
            >
              {texts[place]}
            </button>
          )}
        </span>
      ))}
    </div>
  )
}
