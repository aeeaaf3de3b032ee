import type { ClientDetails } from '../api/client'

/** Of a client who is not written down yet. */
export const NOTHING_KNOWN: ClientDetails = { name: '', email: '', phone: '', address: '', notes: '' }

/** What is typed over what is saved now: a field that was not changed since `base` says what is saved. */
export const withTyped = (saved: ClientDetails, typed: ClientDetails, base: ClientDetails): ClientDetails => {
  const changed = (Object.keys(typed) as (keyof ClientDetails)[]).filter(
    (field) => typed[field] !== base[field],
  )
  return { ...saved, ...Object.fromEntries(changed.map((field) => [field, typed[field]])) }
}

export const sameDetails = (one: ClientDetails, other: ClientDetails) =>
  (Object.keys(one) as (keyof ClientDetails)[]).every((field) => one[field] === other[field])
