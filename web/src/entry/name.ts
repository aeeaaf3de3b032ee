import { read, unread, type Reading } from './reading'

/** Reads a name of at most so many characters. */
export const nameUpTo =
  (most: number) =>
  (text: string): Reading<string> =>
    text.length <= most ? read(text) : unread(`At most ${most} characters.`)
