import type { HandoutContent } from '../api/client'
import { LIGHT, type Colour } from '../picture/looks'
import type { Mark } from '../picture/marks'

type ChartBlock = Extract<HandoutContent['sections'][number]['blocks'][number], { kind: 'CHART' }>
type SentMark = ChartBlock['marks'][number]

const ANCHORS = { START: 'start', MIDDLE: 'middle', END: 'end' } as const

/** A colour by its name; ink for one that this version does not know. */
const colourOf = (name: string): Colour => (name in LIGHT ? (name as Colour) : 'ink')

/** A chart's marks as the server sends them, for the screen to draw. */
export const marksOf = (marks: readonly SentMark[]): Mark[] => marks.map(markOf)

function markOf(sent: SentMark): Mark {
  switch (sent.mark) {
    case 'bar':
      return { ...sent, fill: colourOf(sent.fill) }
    case 'area':
      return { ...sent, fill: colourOf(sent.fill) }
    case 'line': {
      const { path, stroke, dash, thickness } = sent
      return { mark: 'line', path, stroke: colourOf(stroke), thickness, ...(dash === null ? {} : { dash }) }
    }
    case 'words': {
      const { x, y, words, anchor, colour, weight } = sent
      return { mark: 'words', x, y, words, anchor: ANCHORS[anchor], colour: colourOf(colour), weight }
    }
  }
}
