import type { CSSProperties } from 'react'

const CHARACTER_PX = 6.6
/** Below this, words have no room beside their notch. */
const NARROW_PX = 560

/** A place on a bar, and what it stands for. */
export type BarNotch = { key: string | number; atCents: number; text: string; isMissed: boolean }

type BarNotchesProps = {
  label: string
  notches: readonly BarNotch[]
  /** What the whole bar stands for, in cents. */
  whole: number
  /** How wide it is on the screen, in pixels. */
  width: number
}

/** Notches below a bar, each with its words in a row in which they have room; on a narrow screen a list. */
export function BarNotches({ label, notches, whole, width }: BarNotchesProps) {
  if (width < NARROW_PX) {
    return (
      <ul aria-label={label} className="mt-1 text-xs">
        {notches.map(({ key, text, isMissed }) => (
          <li key={key} className={isMissed ? 'text-over font-semibold' : undefined}>
            {text}
          </li>
        ))}
      </ul>
    )
  }
  const placed = placedOf(notches, whole, width)
  return (
    <ul aria-label={label} className="income-notches">
      {placed.map(({ notch: { key, atCents, text, isMissed }, isLeft, row }) => (
        <li
          key={key}
          data-missed={isMissed || undefined}
          data-left={isLeft || undefined}
          style={{ left: `${(atCents / whole) * 100}%`, '--row': row } as CSSProperties}
        >
          <span>{text}</span>
        </li>
      ))}
      <li
        aria-hidden
        className="income-rows"
        style={{ '--row': Math.max(0, ...placed.map(({ row }) => row + 1)) } as CSSProperties}
      />
    </ul>
  )
}

/** From left to right: words at the left of their notch where they have room, a row further down than what they would meet. */
export function placedOf(notches: readonly BarNotch[], whole: number, width: number) {
  let end = -Infinity
  let row = 0
  return [...notches]
    .sort((one, other) => one.atCents - other.atCents)
    .map((notch) => {
      const at = (notch.atCents / whole) * width
      const size = notch.text.length * CHARACTER_PX
      const isLeft = at >= size
      row = (isLeft ? at - size : at) < end ? row + 1 : 0
      end = isLeft ? at : at + size
      return { notch, isLeft, row }
    })
}
