import { read, unread, type Reading } from './reading'

/** Reads a name of at most so many characters. */
export const nameUpTo =
  (most: number) =>
  (text: string): Reading<string> =>
    text.length <= most ? read(text) : unread(`At most ${most} characters.`)

/** The same where there must be one. */
export const someName =
  (most: number) =>
  (text: string): Reading<string> =>
    text.trim() !== '' && text.length <= most ? read(text) : unread(`From 1 to ${most} characters.`)
