import { read, unread, type Reading } from './reading'

const MOST = 20
const HELP = 'Enter a number from 0 to 20.'
const HELP_IN_HALVES = 'Enter a number from 0 to 20, such as 2 or 2.5.'

/** A number of rooms. */
export function readRooms(text: string): Reading<number> {
  const rooms = Number(text)
  return /^\s*\d{1,2}\s*$/.test(text) && rooms <= MOST ? read(rooms) : unread(HELP)
}

/** A number of baths, which come in halves: 2.5, 2 1/2. */
export function readBaths(text: string): Reading<number> {
  const [, whole, half] = /^\s*(\d{1,2})(\.0?|\.5|\s+1\/2|½)?\s*$/.exec(text) ?? []
  if (whole === undefined) return unread(HELP_IN_HALVES)
  const isHalf = half !== undefined && half !== '.' && half !== '.0'
  const baths = Number(whole) + (isHalf ? 0.5 : 0)
  return baths <= MOST ? read(baths) : unread(HELP_IN_HALVES)
}
