import type { Colour } from './looks'

/** A part of a picture, in pixels from its upper left corner. Screen and file draw the same marks. */
export type Mark =
  | { mark: 'bar'; x: number; y: number; width: number; height: number; fill: Colour }
  /** An SVG path that is filled. */
  | { mark: 'area'; path: string; fill: Colour }
  /** An SVG path that is drawn along; `dash` in pixels: 4 3. */
  | { mark: 'line'; path: string; stroke: Colour; dash?: string; thickness?: number }
  | Words

/** Words at a point of their base line. */
export type Words = {
  mark: 'words'
  x: number
  y: number
  words: string
  anchor?: 'start' | 'middle' | 'end'
  colour?: Colour
  size?: number
  weight?: number
  face?: 'words' | 'figures'
}

/** An upright line. */
export const upright = (x: number, from: number, to: number, stroke: Colour = 'ink'): Mark => ({
  mark: 'line',
  path: `M${x},${from}V${to}`,
  stroke,
})

/** A diamond around a point: something that happens once. */
export function diamond(x: number, y: number, reach: number, fill: Colour): Mark {
  return {
    mark: 'area',
    path: `M${x},${y - reach}l${reach},${reach}l${-reach},${reach}l${-reach},${-reach}Z`,
    fill,
  }
}
