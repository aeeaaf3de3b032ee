import type { ClientLine } from '../api/client'

const plain = (name: string) =>
  name
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/\s+/g, ' ')

const digits = (phone: string) => phone.replace(/\D/g, '')

const LEAST_DIGITS = 5

const areAlike = (one: ClientLine, other: ClientLine) =>
  plain(one.name) === plain(other.name) ||
  (one.email !== '' && one.email.toLowerCase() === other.email.toLowerCase()) ||
  (digits(one.phone).length >= LEAST_DIGITS && digits(one.phone) === digits(other.phone))

/** Clients who are alike together, in each group the one with the most cases first: it is the one to be kept. */
export function groupsOfDoubles(clients: readonly ClientLine[]): [ClientLine, ...ClientLine[]][] {
  const groups: [ClientLine, ...ClientLine[]][] = []
  for (const client of [...clients].sort((one, other) => other.cases - one.cases)) {
    const group = groups.find((members) => members.some((member) => areAlike(member, client)))
    if (group) group.push(client)
    else groups.push([client])
  }
  return groups.filter((members) => members.length > 1)
}
