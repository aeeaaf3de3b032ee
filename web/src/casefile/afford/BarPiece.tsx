import type { CSSProperties } from 'react'
import { formatAmount } from '../../format/amount'
import type { BarPart } from './barMarks'

const LABEL_CHARACTER_PX = 6.6
const PART_LABEL_PX = 88

type BarPieceProps = {
  part: BarPart
  /** What the whole bar stands for, in cents. */
  whole: number
  /** How wide it is on the screen, in pixels; 0 for a bar without labels. */
  width: number
}

/** A part of a bar, labelled where it has room. */
export function BarPiece({ part, whole, width }: BarPieceProps) {
  const share = part.cents / whole
  return (
    <span
      className="income-part"
      style={{ width: `${share * 100}%`, '--part': `var(--color-${part.colour})` } as CSSProperties}
      title={`${part.name} ${formatAmount(part.cents)}`}
    >
      {share * width > Math.max(PART_LABEL_PX, part.name.length * LABEL_CHARACTER_PX) && (
        <>
          {part.name}
          <span className="font-figures block text-base leading-4">{formatAmount(part.cents)}</span>
        </>
      )}
    </span>
  )
}
