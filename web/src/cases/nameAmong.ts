import type { Person } from '../api/client'

/** What somebody is called where others of the practice can be chosen too: by the email as well, where two share a name. */
export const nameAmong = (people: readonly Person[], { id, name, email }: Person): string =>
  people.some((other) => other.id !== id && other.name === name) ? `${name}, ${email}` : name
