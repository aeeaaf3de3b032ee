import { incomplete, read, unread, type Reading } from './reading'

const HELP = 'Enter a credit score from 1 to 999.'

/** A credit score of three digits. */
export function readScore(text: string): Reading<number> {
  if (/^\s*[1-9]\d{2}\s*$/.test(text)) return read(Number(text))
  return /^\s*\d{1,2}\s*$/.test(text) ? incomplete(HELP) : unread(HELP)
}
