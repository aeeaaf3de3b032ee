/** Fonts that most readers of a picture have: those of the application do not travel with it. */
const WORDS = "'Public Sans', 'Helvetica Neue', Arial, sans-serif"
const FIGURES = "Newsreader, Georgia, 'Times New Roman', serif"
const MARGIN = 24
const TITLE_PX = 18
const HEAD_PX = 64

/** A colour of the application's look, as it is shown now. */
export const colour = (token: string) =>
  getComputedStyle(document.documentElement).getPropertyValue(`--color-${token}`).trim()

const escaped = (words: string) => words.replace(/[&<>"]/g, (sign) => `&#${sign.codePointAt(0)};`)

type TextStyle = {
  anchor?: 'start' | 'middle' | 'end'
  size?: number
  fill?: string
  weight?: number
  figures?: boolean
}

/** Words at a point of their base line. */
export function text(x: number, y: number, words: string, style: TextStyle = {}): string {
  const { anchor = 'start', size = 12, fill = colour('ink'), weight = 400, figures = false } = style
  return (
    `<text x="${round(x)}" y="${round(y)}" text-anchor="${anchor}" font-size="${size}" fill="${fill}" ` +
    `font-weight="${weight}" font-family="${figures ? FIGURES : WORDS}">${escaped(words)}</text>`
  )
}

export const rect = (x: number, y: number, width: number, height: number, fill: string) =>
  `<rect x="${round(x)}" y="${round(y)}" width="${round(width)}" height="${round(height)}" fill="${fill}"/>`

export const path = (d: string, fill: string) => `<path d="${d}" fill="${fill}"/>`

/** An upright line of this length. */
export const upright = (x: number, from: number, length: number) =>
  rect(x - 0.5, from, 1, length, colour('ink'))

export const moved = (x: number, y: number, parts: readonly string[]) =>
  `<g transform="translate(${round(x)} ${round(y)})">${parts.join('')}</g>`

/** What colours stand for, one after the other: as one run of text, since only who draws it knows how wide words are. */
export function legend(
  x: number,
  y: number,
  entries: readonly (readonly [words: string, fill: string])[],
): string {
  const runs = entries.map(
    ([words, fill], index) =>
      `<tspan fill="${fill}"${index > 0 ? ' dx="18"' : ''}>■</tspan><tspan dx="5">${escaped(words)}</tspan>`,
  )
  return `<text x="${x}" y="${y}" font-size="12" fill="${colour('ink')}" font-family="${WORDS}">${runs.join('')}</text>`
}

export type Picture = {
  title: string
  about: string
  width: number
  height: number
  parts: readonly string[]
}

/** A picture that stands alone, with its title, on the application's paper. */
export function sheet({ title, about, width, height, parts }: Picture): string {
  const whole = width + 2 * MARGIN
  const high = height + HEAD_PX + MARGIN
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" width="${whole}" height="${high}" viewBox="0 0 ${whole} ${high}">` +
    `<title>${escaped(title)}</title>` +
    rect(0, 0, whole, high, colour('paper')) +
    text(MARGIN, 32, title, { size: TITLE_PX, figures: true }) +
    text(MARGIN, 50, about, { fill: colour('soft') }) +
    moved(MARGIN, HEAD_PX, parts) +
    '</svg>'
  )
}

const round = (value: number) => Number(value.toFixed(2))
