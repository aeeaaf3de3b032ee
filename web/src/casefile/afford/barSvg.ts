import { formatAmount } from '../../format/amount'
import { upright, type Mark, type Words } from '../../picture/marks'
import { sheet } from '../../picture/svg'
import type { BarPart } from './barMarks'
import { placedOf, type BarNotch } from './BarNotches'

const WIDTH = 900
const TOP = 22
const HEIGHT = 44
const ROW = 18
const BESIDE = 5

/** A bar to draw: what is laid on it, what the whole stands for, in cents, and its notches. */
export type Bar = {
  title: string
  about: string
  parts: readonly BarPart[]
  whole: number
  notches: readonly BarNotch[]
}

/** A bar with its notches as a picture that stands alone. */
export function barSvg({ title, about, parts, whole, notches }: Bar): Promise<string> {
  const placed = placedOf(notches, whole, WIDTH)
  const rows = Math.max(0, ...placed.map(({ row }) => row + 1))
  const foot = TOP + HEIGHT
  return sheet({
    title,
    about,
    width: WIDTH,
    height: foot + ROW * (rows + 0.5),
    parts: [
      {
        mark: 'legend',
        y: 8,
        entries: parts.map(({ name, cents, colour }) => [`${name} ${formatAmount(cents)}`, colour]),
      },
      { mark: 'bar', x: 0, y: TOP, width: WIDTH, height: HEIGHT, fill: 'rule' },
      ...pieces(parts, whole),
      ...placed.flatMap(({ notch: { atCents, text, isMissed }, isLeft, row }): Mark[] => {
        const x = (atCents / whole) * WIDTH
        const y = foot + ROW * (row + 1)
        const colour = isMissed ? 'over' : 'ink'
        const words: Words = {
          mark: 'words',
          x: isLeft ? x - BESIDE : x + BESIDE,
          y,
          words: text,
          anchor: isLeft ? 'end' : 'start',
          colour,
        }
        return [upright(x, TOP, y, colour), words]
      }),
    ],
  })
}

function pieces(parts: readonly BarPart[], whole: number): Mark[] {
  let reached = 0
  return parts.map(({ cents, colour }) => {
    const x = reached
    const width = (cents / whole) * WIDTH
    reached += width
    return { mark: 'bar', x, y: TOP, width, height: HEIGHT, fill: colour }
  })
}
