import { read, unread, type Reading } from './reading'

const HELP = 'Enter a number, such as 45 or 4.5.'

/** A number as typed, with the unit that stands behind it: 45 %, 4.5 times, 6 months, 1,025. */
export function readFigure(text: string): Reading<number> {
  const [, figure] = /^\s*([\d,]+(?:\.\d*)?)\s*(?:%|times|months?|points?)?\s*$/i.exec(text) ?? []
  if (figure === undefined || !/\d/.test(figure)) return unread(HELP)
  return read(Number(figure.replaceAll(',', '')))
}
