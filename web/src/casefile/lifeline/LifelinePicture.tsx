import { scaleLinear } from 'd3-scale'
import { memo, useMemo, useRef, type KeyboardEvent, type PointerEvent } from 'react'
import { formatMonth } from '../../format/date'
import { Drawing } from '../../picture/Drawing'
import { pointAfter } from '../../picture/reading'
import { useOpenCase } from '../CaseContext'
import { Flags } from './Flags'
import { inOrder, sumsOf, type Life, type PaymentRange } from './life'
import { lifeMarks, type LifeMeasure } from './lifeMarks'
import { markerWords } from './Reading'

const HEIGHT_PX = 132
const ROOM_FOR_WORDS_PX = 120
/** As near as this to the marker a press takes hold of it. */
const GRIP_PX = 9
/** Less than this is a press, not a drag. */
const DRAG_PX = 4

type LifelinePictureProps = {
  life: Life
  measure: LifeMeasure
  /** In pixels. */
  width: number
  /** How many payments were agreed: the picture's whole width. */
  agreed: number
  perYear: number
  marker: number
  setMarker: (payment: number) => void
  range: PaymentRange | null
  setRange: (range: PaymentRange | null) => void
}

/** Interest and principal from first to last payment, with flags, a marker to be moved and a range to be dragged. */
export function LifelinePicture(props: LifelinePictureProps) {
  const { life, measure, width, agreed, marker, range } = props
  const { locale } = useOpenCase()
  const pointer = usePointer(props)
  // Shares of the width: on paper it is another one than on the screen.
  const share = (payments: number) => `${(payments / agreed) * 100}%`
  const unused = agreed - life.payments
  const hasRoom = (unused / agreed) * width > ROOM_FOR_WORDS_PX

  return (
    <div className="mt-2">
      <div
        className="relative cursor-crosshair touch-pan-y select-none"
        style={{ height: HEIGHT_PX }}
        data-testid="lifeline-picture"
        {...pointer}
      >
        {width > 0 && <Areas life={life} measure={measure} agreed={agreed} width={width} />}
        {unused > 0 && (
          <div
            className="border-rule text-soft absolute inset-y-0 right-0 overflow-hidden border border-l-0 border-dashed p-2 text-xs"
            style={{ left: share(life.payments) }}
          >
            {hasRoom && `${unused} fewer payments`}
          </div>
        )}
        {range && (
          <div
            className="lifeline-range"
            style={{ left: share(range.first - 1), width: share(range.last - range.first + 1) }}
          />
        )}
        <div
          className="chart-marker"
          style={{ left: share(marker - 0.5) }}
          role="slider"
          tabIndex={0}
          aria-label="Payment"
          aria-valuemin={1}
          aria-valuemax={life.payments}
          aria-valuenow={marker}
          aria-valuetext={markerWords(life, sumsOf(life, 1, marker), locale)}
          data-testid="lifeline-marker"
          onKeyDown={(event) => step(event, props)}
        />
      </div>
      <Flags
        milestones={life.schedule.milestones}
        agreed={agreed}
        width={width}
        setMarker={props.setMarker}
      />
      <Axis life={life} agreed={agreed} perYear={props.perYear} width={width} />
      {unused > 0 && !hasRoom && (
        <p className="text-soft text-right text-xs">
          {unused} of {agreed} fewer payments
        </p>
      )}
    </div>
  )
}

type AreasProps = Pick<LifelinePictureProps, 'life' | 'measure' | 'agreed' | 'width'>

const Areas = memo(function Areas({ life, measure, agreed, width }: AreasProps) {
  const marks = useMemo(
    () => lifeMarks(life, measure, { width, height: HEIGHT_PX, agreed }),
    [life, measure, width, agreed],
  )
  return <Drawing marks={marks} width={width} height={HEIGHT_PX} className="absolute inset-0 size-full" />
})

/** Arrows go from payment to payment, pages from year to year; with Shift a range is drawn along. */
function step(
  event: KeyboardEvent,
  { life, perYear, marker, setMarker, range, setRange }: LifelinePictureProps,
) {
  if (event.key === 'Escape' && range) {
    event.stopPropagation()
    setRange(null)
  }
  const next = pointAfter(event.key, { at: marker, first: 1, last: life.payments, page: perYear })
  if (next === null || event.ctrlKey || event.metaKey) return
  event.preventDefault()
  if (event.shiftKey) setRange(inOrder(anchorOf(range, marker), next))
  setMarker(next)
}

/** The end of a range that stays while the other moves with the marker. */
function anchorOf(range: PaymentRange | null, marker: number): number {
  if (!range) return marker
  return marker === range.first ? range.last : range.first
}

/** Pressing moves the marker there; dragging it takes it along; dragging elsewhere draws a range. */
function usePointer({ life, width, agreed, marker, setMarker, setRange }: LifelinePictureProps) {
  const grip = useRef<{ kind: 'marker' | 'range'; fromX: number; moved: boolean } | null>(null)
  const paymentAtX = (x: number) => Math.min(life.payments, Math.max(1, Math.ceil((x / width) * agreed)))
  const xOf = (event: PointerEvent<HTMLElement>) =>
    event.clientX - event.currentTarget.getBoundingClientRect().left
  return {
    onPointerDown: (event: PointerEvent<HTMLElement>) => {
      if (event.button !== 0) return
      const x = xOf(event)
      const markerX = ((marker - 0.5) / agreed) * width
      event.currentTarget.setPointerCapture(event.pointerId)
      grip.current = { kind: Math.abs(x - markerX) <= GRIP_PX ? 'marker' : 'range', fromX: x, moved: false }
    },
    onPointerMove: (event: PointerEvent<HTMLElement>) => {
      const held = grip.current
      if (!held) return
      const x = xOf(event)
      held.moved ||= Math.abs(x - held.fromX) >= DRAG_PX
      if (!held.moved) return
      if (held.kind === 'marker') setMarker(paymentAtX(x))
      else setRange(inOrder(paymentAtX(held.fromX), paymentAtX(x)))
    },
    onPointerUp: (event: PointerEvent<HTMLElement>) => {
      if (grip.current && !grip.current.moved) {
        setMarker(paymentAtX(xOf(event)))
        setRange(null)
      }
      grip.current = null
    },
    onPointerCancel: () => {
      grip.current = null
    },
  }
}

const LABELS_EVERY_PX = 110

type AxisProps = { life: Life; agreed: number; perYear: number; width: number }

/** Years under the picture, as many as have room. */
function Axis({ life, agreed, perYear, width }: AxisProps) {
  const { locale } = useOpenCase()
  const years = agreed / perYear
  const firstYear = Number(life.schedule.dates[0]?.slice(0, 4))
  const ticks = scaleLinear([0, years], [0, width])
    .ticks(Math.max(1, width / LABELS_EVERY_PX))
    .filter(Number.isInteger)
  return (
    <div className="text-soft relative mt-1 h-4 text-xs tracking-wider" aria-hidden>
      {ticks.map((tick) => {
        const share = tick / years
        return (
          <span
            key={tick}
            className="absolute"
            style={{
              left: `${share * 100}%`,
              transform: `translateX(${share > 0.97 ? -100 : share < 0.03 ? 0 : -50}%)`,
            }}
            title={tick === 0 ? formatMonth(life.schedule.dates[0] ?? '', locale) : undefined}
          >
            {firstYear + tick}
          </span>
        )
      })}
    </div>
  )
}
