import { read, unread, type Reading } from './reading'

const HELP = 'Enter a whole number from 1 to 600.'

/** A number of monthly payments. */
export function readCount(text: string): Reading<number> {
  const count = Number(text)
  return /^\s*\d{1,3}\s*$/.test(text) && count >= 1 && count <= 600 ? read(count) : unread(HELP)
}
