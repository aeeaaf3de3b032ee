import { readAmount, type Where } from './amount'
import { read, unread, type Reading } from './reading'

/** What an amount may be quoted for, and how often that is a year. */
const SPANS = [
  [/\s*(?:\/|a|per|each)\s*(?:mo(?:nth)?|m)\.?$|\s*(?:monthly|pcm|pm)$/i, 12],
  [/\s*(?:\/|a|per|each)\s*(?:quarter|qtr)\.?$|\s*quarterly$/i, 4],
  [/\s*(?:\/|a|per|each)\s*(?:week|wk)\.?$|\s*weekly$/i, 52],
  [/\s*(?:\/|a|per|each)\s*(?:year|yr|annum)\.?$|\s*(?:yearly|annually|pa)$/i, 1],
] as const

/** The span that a text names at its end, as times a year, and what stands before it. */
export function splitSpan(text: string): { amount: string; timesAYear: number | null } {
  const plain = text.trim()
  const found = SPANS.find(([words]) => words.test(plain))
  return found
    ? { amount: plain.replace(found[0], ''), timesAYear: found[1] }
    : { amount: plain, timesAYear: null }
}

/**
 * Reads what people quote for another span than is kept: 385 a month, 4,620 a year, 385/mo. Without one it is for the span that is
 * kept.
 *
 * @param kept how often a year the amount that is kept is due
 */
export const amountPer =
  (kept: 1 | 12) =>
  (text: string, before?: string, where?: Where): Reading<number> => {
    const { amount, timesAYear } = splitSpan(text)
    const reading = readAmount(amount, before, where)
    if (reading.status !== 'read' || timesAYear === null) return reading
    const cents = (reading.value * timesAYear) / kept
    return Number.isInteger(cents)
      ? read(cents)
      : unread(
          `That is no whole amount a ${kept === 1 ? 'year' : 'month'}: enter it for a ${kept === 1 ? 'year' : 'month'}.`,
        )
  }
