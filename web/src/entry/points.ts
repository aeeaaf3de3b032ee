import { readSignedPercent } from './percent'
import { unread, type Reading } from './reading'

/** Points as typed, in percent of the loan; negative ones are a lender credit. */
export function readPoints(text: string): Reading<number> {
  const points = readSignedPercent(text)
  return points.status === 'unread' ? unread('Enter points such as 1.25, or −0.5 for a credit.') : points
}
