import { incomplete, read, unread, type Reading } from './reading'

const HELP = 'Enter hours a week, such as 37.5; at most 168.'
const MOST = 168

/** Hours a week, with at most two decimals. */
export function readHours(text: string): Reading<number> {
  const [, figure] = /^\s*(\d{0,3}(?:\.\d{0,2})?)\s*(?:h|hours?)?\s*$/i.exec(text) ?? []
  if (figure === undefined) return unread(HELP)
  const hours = Number(figure)
  if (hours > MOST) return unread(HELP)
  return figure === '' || hours === 0 ? incomplete(HELP) : read(hours)
}
