import { fontFaces } from './fonts'
import { LIGHT, TILE_PX, TILES, type Colour } from './looks'
import type { Mark, Words } from './marks'

const FACES = {
  words: "'Public Sans Variable', 'Helvetica Neue', Arial, sans-serif",
  figures: "'Newsreader Variable', Georgia, 'Times New Roman', serif",
}
const MARGIN = 24
const HEAD_PX = 64

const escaped = (words: string) => words.replace(/[&<>"]/g, (sign) => `&#${sign.codePointAt(0)};`)
const round = (value: number) => Number(value.toFixed(2))

/** What stands in a picture: marks, and groups of marks that were moved. */
export type Part = Mark | { mark: 'moved'; x: number; y: number; parts: readonly Part[] } | Legend

/** What colours stand for, one after the other: as one run of text, since only who draws it knows how wide words are. */
type Legend = { mark: 'legend'; y: number; entries: readonly (readonly [words: string, colour: Colour])[] }

export const moved = (x: number, y: number, parts: readonly Part[]): Part => ({ mark: 'moved', x, y, parts })

export type Picture = {
  title: string
  about: string
  /** In pixels, without title and margins. */
  width: number
  height: number
  parts: readonly Part[]
}

/** A picture that stands alone, on light paper whatever the screen's look, with its title and the fonts it is set in. */
export async function sheet({ title, about, width, height, parts }: Picture): Promise<string> {
  const whole = width + 2 * MARGIN
  const high = height + HEAD_PX + MARGIN
  const drawn = [
    { mark: 'words', x: MARGIN, y: 32, words: title, size: 18, face: 'figures' } as const,
    { mark: 'words', x: MARGIN, y: 50, words: about, colour: 'soft' } as const,
    moved(MARGIN, HEAD_PX, parts),
  ]
    .map(written)
    .join('')
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" width="${whole}" height="${high}" viewBox="0 0 ${whole} ${high}">` +
    `<title>${escaped(title)}</title>` +
    `<defs><style>${await fontFaces(drawn)}</style>${tiles()}</defs>` +
    `<rect width="${whole}" height="${high}" fill="${LIGHT.paper}"/>` +
    drawn +
    '</svg>'
  )
}

const tiles = () =>
  Object.entries(TILES)
    .map(
      ([colour, lines]) =>
        `<pattern id="${colour}" width="${TILE_PX}" height="${TILE_PX}" patternUnits="userSpaceOnUse">` +
        `<path d="${lines}" fill="none" stroke="${LIGHT.paper}" stroke-width="1.4" stroke-linecap="round"/></pattern>`,
    )
    .join('')

const PAPER_AROUND = `stroke="${LIGHT.paper}" stroke-width="2" paint-order="stroke"`

function written(part: Part): string {
  switch (part.mark) {
    case 'moved':
      return `<g transform="translate(${round(part.x)} ${round(part.y)})">${part.parts.map(written).join('')}</g>`
    case 'bar': {
      const { x, y, width, height, fill } = part
      const box = `x="${round(x)}" y="${round(y)}" width="${round(width)}" height="${round(height)}"`
      const tile = TILES[fill] ? `<rect ${box} fill="url(#${fill})"/>` : ''
      return `<rect ${box} fill="${LIGHT[fill]}" ${PAPER_AROUND}/>${tile}`
    }
    case 'area':
      return `<path d="${part.path}" fill="${LIGHT[part.fill]}" ${PAPER_AROUND}/>`
    case 'line': {
      const dash = part.dash ? ` stroke-dasharray="${part.dash}"` : ''
      const thick = part.thickness ? ` stroke-width="${part.thickness}"` : ''
      return `<path d="${part.path}" fill="none" stroke="${LIGHT[part.stroke]}"${dash}${thick}/>`
    }
    case 'legend':
      return writtenLegend(part)
    case 'words':
      return writtenWords(part)
  }
}

function writtenWords({ x, y, words, anchor = 'start', size = 12, ...style }: Words): string {
  const { colour = 'ink', weight = 400, face = 'words' } = style
  return (
    `<text x="${round(x)}" y="${round(y)}" text-anchor="${anchor}" font-size="${size}" fill="${LIGHT[colour]}" ` +
    `font-weight="${weight}" font-family="${FACES[face]}" stroke="${LIGHT.paper}" stroke-width="3" ` +
    `paint-order="stroke">${escaped(words)}</text>`
  )
}

function writtenLegend({ y, entries }: Legend): string {
  const runs = entries.map(
    ([words, colour], index) =>
      `<tspan fill="${LIGHT[colour]}"${index > 0 ? ' dx="18"' : ''}>■</tspan><tspan dx="5">${escaped(words)}</tspan>`,
  )
  return `<text y="${y}" font-size="12" fill="${LIGHT.ink}" font-family="${FACES.words}">${runs.join('')}</text>`
}
