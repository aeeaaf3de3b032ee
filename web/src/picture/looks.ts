import light from './looks.json'

/** The colours that pictures are drawn with, by their tokens' names, as they are on light paper. */
export const LIGHT = light

export type Colour = keyof typeof LIGHT

/** Drawn over a colour in paper, so that neighbours are told apart by more than their colour: a tile of this many pixels. */
export const TILE_PX = 6

/** The lines of each colour's tile; a colour that has none is plain. */
export const TILES: Partial<Record<Colour, string>> = {
  'housing-2': 'M-1,1 L1,-1 M0,6 L6,0 M5,7 L7,5',
  'housing-3': 'M3,3 h0.01',
  'housing-4': 'M-1,5 L1,7 M0,0 L6,6 M5,-1 L7,1',
  'housing-5': 'M0,3 H6',
}
