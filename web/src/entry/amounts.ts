import { readAmount } from './amount'
import { incomplete, read, unread, type Reading } from './reading'

const MOST = 10
const HELP = 'Enter amounts parted by semicolons, such as 450; 755; 909.'

/** A list of amounts in cents, parted by semicolons. */
export function readAmounts(text: string): Reading<number[]> {
  const parts = text
    .split(';')
    .map((part) => part.trim())
    .filter((part) => part !== '')
  if (parts.length === 0) return incomplete(HELP)
  if (parts.length > MOST) return unread(`At most ${MOST} amounts.`)
  const readings = parts.map((part) => readAmount(part))
  const amounts = readings.flatMap((each) => (each.status === 'read' ? [each.value] : []))
  return amounts.length === parts.length ? read(amounts) : unread(HELP)
}
