import { useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react'
import { formatDifference } from '../../format/amount'
import { formatTerm } from '../../format/term'
import { Drawing } from '../../picture/Drawing'
import { pointAfter } from '../../picture/reading'
import { useOpenCase } from '../CaseContext'
import { isNarrow, plotOf } from './chartBox'
import { answeredOf, type Comparison } from './compared'
import { costMarks, costScales, differenceAfter, spread, type Shown } from './costMarks'
import { LineSample } from './LineSample'
import { useStay } from './useStay'

const HEIGHT_PX = 168
const LABEL_PX = 20
const MONTHS_A_YEAR = 12

type CostPictureProps = {
  comparison: Comparison
  shown: readonly Shown[]
  hidden: ReadonlySet<string>
  toggle: (id: string) => void
  /** How many months it reaches. */
  months: number
  /** In pixels. */
  width: number
}

/** The lines with a marker that is how long they keep it; read by pointer or keys, each line at its end. */
export function CostPicture(props: CostPictureProps) {
  const { comparison, shown, months, width } = props
  const [hovered, setHovered] = useState<number | null>(null)
  const plot = plotOf(width)
  const box = useMemo(() => ({ width: plot.width, height: HEIGHT_PX, months }), [plot.width, months])
  const marks = useMemo(() => costMarks(comparison, shown, box), [comparison, shown, box])
  const { x, y, ticks } = costScales(comparison, shown, box)
  const kept = Math.min(comparison.view.keptMonths, months)
  const month = hovered ?? kept
  const pointer = usePointer(plot.width, months, setHovered)

  return (
    <div className="mt-2" data-testid="cost-chart">
      <div className="relative" style={{ height: HEIGHT_PX }}>
        {ticks.map((tick) => (
          <span key={tick} className="cost-amount" style={{ top: y(tick), width: plot.left - 8 }} aria-hidden>
            {tick === 0 ? 'same' : formatDifference(tick).replace(/\.00$/, '')}
          </span>
        ))}
        <div
          className="absolute inset-y-0 cursor-crosshair touch-pan-y select-none"
          style={{ left: plot.left, width: plot.width }}
          data-testid="cost-picture"
          {...pointer}
        >
          <Drawing
            marks={marks}
            width={plot.width}
            height={HEIGHT_PX}
            className="absolute inset-0 size-full"
          />
          {hovered !== null && <div className="cost-hair" style={{ left: x(hovered) }} />}
          <Marker comparison={comparison} at={x(kept)} months={months} />
        </div>
        {!isNarrow(width) && <Labels {...props} month={month} y={y} left={plot.left + plot.width} />}
      </div>
      {isNarrow(width) && <LinesList {...props} month={month} />}
    </div>
  )
}

type MarkerProps = { comparison: Comparison; at: number; months: number }

/** How long they keep it, on the chart: the same figure as in the sentence. */
function Marker({ comparison, at, months }: MarkerProps) {
  const { store } = useOpenCase()
  const { keep } = useStay()
  // Kept beyond what the chart reaches, it stands at its end.
  const keptMonths = Math.min(comparison.view.keptMonths, months)
  const step = (event: KeyboardEvent) => {
    const next = pointAfter(event.key, { at: keptMonths, first: 1, last: months, page: MONTHS_A_YEAR })
    if (next === null || event.ctrlKey || event.metaKey) return
    event.preventDefault()
    keep(next)
  }
  return (
    <div
      className="chart-marker"
      style={{ left: at }}
      role="slider"
      tabIndex={0}
      aria-label="How long they keep it, on the chart"
      aria-valuemin={1}
      aria-valuemax={months}
      aria-valuenow={keptMonths}
      aria-valuetext={readingWords(comparison, keptMonths)}
      data-testid="cost-marker"
      onKeyDown={step}
      onBlur={store.settle}
    />
  )
}

/** What is read at a month: 7 years: 15 years −41,334.38, 1 point −3,017.42. */
function readingWords(comparison: Comparison, month: number): string {
  const each = linesOf(comparison).map(
    (option) => `${option.title} ${formatDifference(differenceAfter(comparison, option, month))}`,
  )
  return `${formatTerm(month)}: ${each.join(', ')}`
}

type LabelsProps = CostPictureProps & { month: number; y: (cents: number) => number; left: number }

/** What each line is called, at its end, with what is read. */
function Labels({ month, y, left, ...props }: LabelsProps) {
  const { comparison, hidden, months } = props
  const all = linesOf(comparison)
  const ends = all.map((option) =>
    hidden.has(option.option.id) ? HEIGHT_PX : y(differenceAfter(comparison, option, months)),
  )
  const tops = spread(ends, LABEL_PX, LABEL_PX * 1.5, HEIGHT_PX - LABEL_PX / 2)
  return (
    <div className="absolute inset-y-0 right-0" style={{ left: left + 8 }}>
      <p className="text-soft h-5 text-right text-xs" aria-hidden>
        kept {formatTerm(month)}
      </p>
      <ul aria-label="Lines of the chart">
        {all.map((option, index) => (
          <li
            key={option.option.id}
            className="absolute inset-x-0 -translate-y-1/2"
            style={{ top: tops[index] }}
          >
            <LineButton {...props} option={option} month={month} />
          </li>
        ))}
      </ul>
    </div>
  )
}

/** The same in a list, where there is no room beside the lines. */
function LinesList({ month, ...props }: CostPictureProps & { month: number }) {
  return (
    <ul aria-label="Lines of the chart" className="mt-3">
      {linesOf(props.comparison).map((option) => (
        <li key={option.option.id}>
          <LineButton {...props} option={option} month={month} />
        </li>
      ))}
    </ul>
  )
}

const linesOf = (comparison: Comparison) =>
  answeredOf(comparison).filter((option) => option !== comparison.base)

type LineButtonProps = Pick<CostPictureProps, 'comparison' | 'shown' | 'toggle'> & {
  option: Shown
  month: number
}

/** A line's name and what is read of it; pressed, it hides or shows the line. */
function LineButton({ comparison, shown, toggle, option, month }: LineButtonProps) {
  const isShown = shown.includes(option)
  return (
    <button
      type="button"
      className="cost-label"
      aria-pressed={isShown}
      title={isShown ? 'Hide this line' : 'Show this line'}
      style={{ color: `var(--color-${option.look.colour})` }}
      onClick={() => toggle(option.option.id)}
    >
      <LineSample look={option.look} />
      <span className="truncate">{option.title}</span>
      <span className="font-figures">{formatDifference(differenceAfter(comparison, option, month))}</span>
    </button>
  )
}

/** Hovering reads a month; pressing or dragging moves the marker there. */
function usePointer(width: number, months: number, setHovered: (month: number | null) => void) {
  const { store } = useOpenCase()
  const { keep } = useStay()
  const holds = useRef(false)
  const monthAt = (event: PointerEvent<HTMLElement>) => {
    const left = event.currentTarget.getBoundingClientRect().left
    return Math.min(months, Math.max(1, Math.round(((event.clientX - left) / width) * months)))
  }
  return {
    onPointerDown: (event: PointerEvent<HTMLElement>) => {
      if (event.button !== 0) return
      event.currentTarget.setPointerCapture(event.pointerId)
      holds.current = true
      keep(monthAt(event))
    },
    onPointerMove: (event: PointerEvent<HTMLElement>) => {
      if (holds.current) keep(monthAt(event))
      else if (event.pointerType === 'mouse') setHovered(monthAt(event))
    },
    onPointerUp: () => {
      holds.current = false
      store.settle()
    },
    onPointerLeave: () => setHovered(null),
    onPointerCancel: () => {
      holds.current = false
      store.settle()
    },
  }
}
