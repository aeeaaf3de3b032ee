import { read, unread, type Reading } from './reading'

const HELP = 'Enter a whole number from 1 to 600.'

/** A whole number such as that of monthly payments. */
export function readCount(text: string): Reading<number> {
  const count = Number(text)
  return /^\s*\d{1,3}\s*$/.test(text) && count >= 1 && count <= 600 ? read(count) : unread(HELP)
}

/** The same, where there may be none. */
export const readCountOrNone = (text: string): Reading<number> =>
  /^\s*0\s*$/.test(text) ? read(0) : readCount(text)
