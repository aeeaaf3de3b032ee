/** How many characters of a link's key tell its note from that of another link in the same tab: too few to open anything. */
const TELLING_CHARACTERS = 8

const nameOf = (linkKey: string) => `client-note-${linkKey.slice(-TELLING_CHARACTERS)}`

/** What a client has written and not sent yet, in this tab. */
export const noteDraft = (linkKey: string): string => sessionStorage.getItem(nameOf(linkKey)) ?? ''

/** Keeps it, whatever becomes of the page; an empty one is forgotten. */
export function keepNoteDraft(linkKey: string, words: string) {
  if (words === '') sessionStorage.removeItem(nameOf(linkKey))
  else sessionStorage.setItem(nameOf(linkKey), words)
}
