import { readPercent } from './percent'
import { read, unread, type Reading } from './reading'

const MOST = 3

/** One to three percentages as typed: 2, 1 or 2-1 or 2 % and 1 %. */
export function readPercents(text: string): Reading<number[]> {
  const parts = text.split(/\s*(?:[,;/-]|\band\b)\s*/).filter((part) => part.trim() !== '')
  const values: number[] = []
  for (const part of parts) {
    const percent = readPercent(part)
    if (percent.status !== 'read') return unread('Enter the points for each year, such as 2, 1.')
    values.push(percent.value)
  }
  return values.length >= 1 && values.length <= MOST
    ? read(values)
    : unread('Enter the points for one to three years, such as 2, 1.')
}
