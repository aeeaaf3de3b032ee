import { useVirtualizer, type VirtualItem } from '@tanstack/react-virtual'
import { useDeferredValue, useEffect, useMemo, useRef, useState, type CSSProperties } from 'react'
import { usePrinting } from '../../ui/usePrinting'
import { useOpenCase } from '../CaseContext'
import type { Column } from './columns'
import { yearsOf, type Life, type PaymentRange } from './life'
import { rowOf, rowsOf } from './rows'
import { ScheduleRow } from './ScheduleRow'
import { useCells } from './useCells'

const ROW_PX = 27
const ROWS_AHEAD = 12

/** A row with its place from the top, in pixels. */
type Placed = Pick<VirtualItem, 'key' | 'index' | 'start'>

type ScheduleTableProps = {
  life: Life
  columns: readonly Column[]
  marker: number
  setMarker: (payment: number) => void
  range: PaymentRange | null
}

/** The schedule by years, each opened to its payments. Only the rows in sight are built. */
export function ScheduleTable({ life, columns, marker, setMarker, range }: ScheduleTableProps) {
  const { locale } = useOpenCase()
  const [open, setOpen] = useState<ReadonlySet<string>>(new Set())
  const isPrinting = usePrinting()
  const rows = useMemo(() => rowsOf(life, isPrinting ? allYears(life) : open), [life, open, isPrinting])
  const scroller = useRef<HTMLDivElement>(null)
  // eslint-disable-next-line react-hooks/incompatible-library -- the rows are built from what it hands out each time
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_PX,
    // As good as right before it is measured, so that rows are there at the first attempt.
    initialRect: { width: 0, height: window.innerHeight / 3 },
    // What is in sight is painted first, what lies ahead right after.
    overscan: useDeferredValue(ROWS_AHEAD, 0),
    scrollPaddingStart: ROW_PX,
  })
  useFollow(marker, () => virtual.scrollToIndex(Math.max(0, rowOf(rows, marker)), { align: 'auto' }))

  const cells = useCells({ life, rows, columns, scroller, scrollTo: virtual.scrollToIndex })
  const items: readonly Placed[] = isPrinting
    ? rows.map((_, index) => ({ key: index, index, start: 0 }))
    : virtual.getVirtualItems()
  const tabStop = cells.tabStop(
    items.map((item) => item.index),
    rowOf(rows, marker),
  )

  const toggle = (year: string) =>
    setOpen((years) =>
      years.has(year) ? new Set([...years].filter((each) => each !== year)) : new Set([...years, year]),
    )
  const allOpen = open.size > 0
  return (
    <div
      ref={scroller}
      role="grid"
      aria-readonly
      aria-label="Schedule"
      aria-rowcount={rows.length + 1}
      tabIndex={0}
      className="schedule"
      style={{ '--columns': columns.length } as CSSProperties}
      data-testid="schedule"
    >
      <div role="rowgroup" className="schedule-head">
        <div role="row" aria-rowindex={1} className="schedule-row">
          <span role="columnheader">
            <button
              type="button"
              className="hover:text-ink"
              onClick={() => setOpen(allOpen ? new Set() : allYears(life))}
            >
              {allOpen ? 'Year, date ▾' : 'Year ▸'}
              <span className="sr-only">{allOpen ? 'close all years' : 'open all years'}</span>
            </button>
          </span>
          <span role="columnheader">Payments</span>
          {columns.map((column) => (
            <span key={column.key} role="columnheader" className="text-right">
              {column.name}
            </span>
          ))}
        </div>
      </div>
      <div
        role="rowgroup"
        className="schedule-body"
        onClick={cells.onClick}
        onKeyDown={cells.onKeyDown}
        style={{ height: virtual.getTotalSize() }}
      >
        {items.map((item) => {
          const row = rows[item.index]
          return (
            row && (
              <ScheduleRow
                key={item.key}
                row={row}
                index={item.index}
                life={life}
                columns={columns}
                locale={locale}
                marker={marker}
                range={range}
                tabStop={tabStop?.row === item.index ? tabStop.column : null}
                top={item.start}
                toggle={toggle}
                setMarker={setMarker}
              />
            )
          )
        })}
      </div>
    </div>
  )
}

const allYears = (life: Life) => new Set(yearsOf(life).map(({ year }) => year))

/** Brings the marker's row into sight when the marker moves, not when the schedule is scrolled. */
function useFollow(marker: number, follow: () => void) {
  const latest = useRef(follow)
  useEffect(() => {
    latest.current = follow
  })
  const isFirst = useRef(true)
  useEffect(() => {
    if (isFirst.current) isFirst.current = false
    else latest.current()
  }, [marker])
}
