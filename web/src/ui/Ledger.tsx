import { useEffect, useRef, type KeyboardEvent, type ReactNode } from 'react'
import './ledger.css'

type LedgerProps = {
  /** How dense its lines are. */
  className?: string
  children: ReactNode
}

const MOVES: Record<string, number> = { ArrowUp: -1, ArrowLeft: -1, ArrowDown: 1, ArrowRight: 1 }

/** Figures under one another, each behind what it is called. One Tab stop: arrows go from figure to figure. */
export function Ledger({ className = '', children }: LedgerProps) {
  const list = useRef<HTMLDListElement>(null)
  const stop = useRef<HTMLButtonElement | null>(null)

  useEffect(() => {
    const figures = figuresOf(list.current)
    if (!stop.current || !figures.includes(stop.current)) stop.current = figures[0] ?? null
    for (const figure of figures) figure.tabIndex = figure === stop.current ? 0 : -1
  })

  const onKeyDown = (event: KeyboardEvent) => {
    const move = MOVES[event.key]
    const figures = figuresOf(list.current)
    const at = figures.findIndex((figure) => figure === event.target)
    const next = move === undefined || at < 0 ? undefined : figures[at + move]
    if (!next) return
    event.preventDefault()
    next.focus()
  }
  return (
    <dl
      ref={list}
      className={`ledger ${className}`}
      onKeyDown={onKeyDown}
      onFocus={({ target }) => {
        const figures = figuresOf(list.current)
        const reached = figures.find((figure) => figure === (target as Element))
        if (!reached) return
        stop.current = reached
        for (const figure of figures) figure.tabIndex = figure === reached ? 0 : -1
      }}
    >
      {children}
    </dl>
  )
}

const figuresOf = (list: HTMLElement | null): HTMLButtonElement[] =>
  list === null ? [] : [...list.querySelectorAll('button')]
