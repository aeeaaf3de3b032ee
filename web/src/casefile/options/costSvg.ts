import { formatDifference } from '../../format/amount'
import { formatTerm } from '../../format/term'
import { upright, type Mark } from '../../picture/marks'
import { moved, sheet, type Part } from '../../picture/svg'
import type { Comparison } from './compared'
import { costMarks, costScales, differenceAfter, spread, type Shown } from './costMarks'

const AMOUNTS = 72
const LINES = 560
const LABELS = 230
const HEIGHT = 240
const BAND_Y = HEIGHT + 14
const BAND = 22
const LABEL = 18
const MONTHS_A_YEAR = 12

type CostPicture = { title: string; comparison: Comparison; shown: readonly Shown[]; months: number }

/** The options over time as a picture that stands alone: lines, marker, band and years. */
export function costSvg({ title, comparison, shown, months }: CostPicture): Promise<string> {
  const box = { width: LINES, height: HEIGHT, months }
  const { x, y, ticks } = costScales(comparison, shown, box)
  const kept = Math.min(comparison.view.keptMonths, months)
  return sheet({
    title,
    about: `All-in cost compared with ${comparison.base.title}, by how long it is kept; figures for ${formatTerm(kept)}`,
    width: AMOUNTS + LINES + LABELS,
    height: BAND_Y + BAND + 22,
    parts: [
      ...ticks.map((tick): Mark => ({
        mark: 'words',
        x: AMOUNTS - 10,
        y: y(tick) + 4,
        words: tick === 0 ? 'same' : formatDifference(tick).replace(/\.00$/, ''),
        anchor: 'end',
        colour: 'soft',
      })),
      moved(AMOUNTS, 0, [...costMarks(comparison, shown, box), upright(x(kept), 0, BAND_Y + BAND)]),
      ...labels(comparison, shown, months, y, kept),
      moved(AMOUNTS, BAND_Y, band(comparison, months, x)),
    ],
  })
}

function labels(
  comparison: Comparison,
  shown: readonly Shown[],
  months: number,
  y: (cents: number) => number,
  kept: number,
): Part[] {
  const others = shown.filter((option) => option !== comparison.base)
  const tops = spread(
    others.map((option) => y(differenceAfter(comparison, option, months))),
    LABEL,
    0,
    HEIGHT,
  )
  return others.map((option, index) => ({
    mark: 'words',
    x: AMOUNTS + LINES + 10,
    y: (tops[index] ?? 0) + 4,
    words: `${option.title} ${formatDifference(differenceAfter(comparison, option, kept))}`,
    colour: option.look.colour,
    weight: 600,
  }))
}

/** So much room does a letter take at the size of a band's words. */
const LETTER_PX = 7

function band({ options, base, view }: Comparison, months: number, x: (month: number) => number): Part[] {
  const runs = view.cheapest.filter(({ fromMonth }) => fromMonth <= months)
  const bars = runs.flatMap(({ fromMonth, toMonth, option }): Part[] => {
    const { title, look } = options[option] ?? base
    const from = x(fromMonth - 1)
    const width = x(Math.min(toMonth, months)) - from
    const words: Part[] =
      title.length * LETTER_PX < width
        ? [{ mark: 'words', x: from + 6, y: 15, words: title, colour: look.colour, weight: 600 }]
        : []
    return [{ mark: 'bar', x: from, y: BAND - 4, width, height: 4, fill: look.colour }, ...words]
  })
  const years = Array.from({ length: Math.floor(months / MONTHS_A_YEAR) }, (_, year) => year + 1)
    .filter((year) => year % (months > 180 ? 5 : 2) === 0)
    .map((year): Part => ({
      mark: 'words',
      x: x(year * MONTHS_A_YEAR),
      y: BAND + 16,
      words: `${year} years`,
      anchor: 'middle',
      colour: 'soft',
    }))
  return [...bars, ...years]
}
