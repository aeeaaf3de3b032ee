import { useInfiniteQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { ClientLine } from '../api/client'
import { clientsQuery } from '../api/clients'
import { TextButton } from '../ui/TextButton'

const SHOWN = 6

/** Finds another client by name, email, address or phone. */
export function FindClient({ without, take }: { without: string; take: (client: ClientLine) => void }) {
  const [search, setSearch] = useState('')
  const found = useInfiniteQuery({ ...clientsQuery(search), enabled: search.trim() !== '' })
  const clients = (search.trim() === '' ? [] : (found.data?.pages[0]?.clients ?? []))
    .filter(({ id }) => id !== without)
    .slice(0, SHOWN)
  return (
    <div className="border-rule mt-2 border-l-2 pl-4">
      <input
        type="search"
        autoFocus
        className="field max-w-80"
        aria-label="Find a client"
        placeholder="name, phone or address"
        maxLength={200}
        value={search}
        onChange={(event) => setSearch(event.target.value)}
      />
      <ul className="mt-1" aria-label="Found clients">
        {clients.map((client) => (
          <li key={client.id} className="py-1">
            <TextButton onClick={() => take(client)}>{client.name}</TextButton>
            <span className="note">{client.phone || client.email || client.address}</span>
          </li>
        ))}
      </ul>
    </div>
  )
}
