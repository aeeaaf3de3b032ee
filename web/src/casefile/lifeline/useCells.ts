import { useEffect, useRef, useState, type KeyboardEvent, type MouseEvent, type RefObject } from 'react'
import { isWorkingKey } from '../../working/Explained'
import { useOpenPanel } from '../../panel/panelStore'
import { cellFigure, cellTexts } from './cells'
import type { Column, ColumnKey } from './columns'
import type { Life } from './life'
import type { Row } from './rows'

type Cell = { row: number; column: ColumnKey }

type Table = {
  life: Life
  rows: readonly Row[]
  columns: readonly Column[]
  scroller: RefObject<HTMLElement | null>
  scrollTo: (row: number) => void
}

/** The schedule's figures from mouse and keyboard: each opens its working, and arrows go from one to the next. */
export function useCells({ life, rows, columns, scroller, scrollTo }: Table) {
  const open = useOpenPanel()
  const [held, setHeld] = useState<Cell | null>(null)
  const wanted = useRef<Cell | null>(null)

  // The row that is gone to may have to be scrolled to, and is only then built.
  useEffect(() => {
    const button = wanted.current && buttonOf(scroller.current, wanted.current)
    if (!button) return
    wanted.current = null
    button.focus({ preventScroll: true })
  })

  const explain = ({ row, column }: Cell) => {
    const shown = rows[row] && cellFigure(rows[row], column)
    if (shown) open({ kind: 'working', ...shown })
  }

  return {
    /** Tab reaches the figure that was last gone to, else the first of the marked row, among the rows that are built. */
    tabStop: (built: readonly number[], markedRow: number): Cell | null => {
      if (held && built.includes(held.row)) return held
      const row = built.includes(markedRow) ? markedRow : built.find((each) => each !== 0)
      const shown = row === undefined ? undefined : rows[row]
      if (row === undefined || !shown) return null
      const place = cellTexts(life, shown, columns).findIndex((text) => text !== '')
      const column = columns[place]
      return column ? { row, column: column.key } : null
    },
    onClick: (event: MouseEvent) => {
      const cell = cellAt(event.target)
      if (!cell) return
      setHeld(cell)
      explain(cell)
    },
    onKeyDown: (event: KeyboardEvent) => {
      const cell = cellAt(event.target)
      if (!cell) return
      if (isWorkingKey(event)) {
        explain(cell)
        return
      }
      const direction = DIRECTIONS[event.key]
      if (!direction) return
      event.preventDefault()
      const next = nextCell(cell, direction, { life, rows, columns })
      if (!next) return
      wanted.current = next
      setHeld(next)
      scrollTo(next.row)
    },
  }
}

type Direction = { row: -1 | 0 | 1; column: -1 | 0 | 1 }

const DIRECTIONS: Record<string, Direction> = {
  ArrowUp: { row: -1, column: 0 },
  ArrowDown: { row: 1, column: 0 },
  ArrowLeft: { row: 0, column: -1 },
  ArrowRight: { row: 0, column: 1 },
}

/** The next cell in a direction that shows a figure. */
export function nextCell(
  from: Cell,
  { row: down, column: right }: Direction,
  { life, rows, columns }: Pick<Table, 'life' | 'rows' | 'columns'>,
): Cell | null {
  let place = columns.findIndex((column) => column.key === from.column) + right
  for (let index = from.row + down; ; index += down, place += right) {
    const row = rows[index]
    const column = columns[place]
    if (!row || !column) return null
    if (cellTexts(life, row, [column])[0]) return { row: index, column: column.key }
  }
}

function cellAt(target: EventTarget): Cell | null {
  const button = target instanceof Element && target.closest<HTMLElement>('[data-column]')
  const row = button && button.closest<HTMLElement>('[data-row]')
  if (!row) return null
  return { row: Number(row.dataset.row), column: button.dataset.column as ColumnKey }
}

const buttonOf = (table: HTMLElement | null, { row, column }: Cell) =>
  table?.querySelector<HTMLElement>(`[data-row="${row}"] [data-column="${column}"]`)
