import type { ClientDetails } from '../api/client'

/** Of a client who is not written down yet. */
export const NOTHING_KNOWN: ClientDetails = { name: '', email: '', phone: '', address: '', notes: '' }

export const sameDetails = (one: ClientDetails, other: ClientDetails) =>
  (Object.keys(one) as (keyof ClientDetails)[]).every((field) => one[field] === other[field])
