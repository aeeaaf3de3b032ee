/** The colours that pictures are drawn with, by their tokens' names, as they are on light paper. */
export const LIGHT = {
  paper: '#fbf8f1',
  ink: '#23282c',
  soft: '#625e55',
  rule: '#dcd4c3',
  act: '#0e5a66',
  principal: '#35506f',
  interest: '#c4683f',
  'interest-words': '#a34d28',
  balance: '#c3ccd4',
  'housing-1': '#c9ac62',
  'housing-2': '#dcc78f',
  'housing-3': '#9b8f7b',
  'housing-4': '#b9ae97',
  'housing-5': '#7d7464',
  'option-1': '#0e5a66',
  'option-2': '#a3561f',
  'option-3': '#5b4a8a',
  'option-4': '#6b6457',
  'option-5': '#2c7048',
} as const

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
