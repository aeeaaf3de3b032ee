import { readPercent } from './percent'
import { unread, type Reading } from './reading'

const HELP = 'Enter a number, such as 45 or 4.5.'
const UNIT = /\s*(?:%|times|months?|points?)\s*$/i

/** A number as typed, with the unit that stands behind it: 45 %, 4.5 times, 6 months, 1,025.00; read as percentages are. */
export function readFigure(text: string): Reading<number> {
  const plain = text.replace(UNIT, '').trim()
  const figure = readPercent(GROUPED.test(plain) ? plain.replaceAll(',', '') : plain)
  return figure.status === 'unread' ? unread(HELP) : figure
}

/** Thousands that can be nothing else: 1,025.00 and 1,250,000. */
const GROUPED = /^\d{1,3}(?:,\d{3})+\.\d+$|^\d{1,3}(?:,\d{3}){2,}$/
