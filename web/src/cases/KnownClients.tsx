import { useInfiniteQuery } from '@tanstack/react-query'
import { clientsQuery } from '../api/clients'
import { useRested } from '../ui/useRested'

const REST_MS = 150

/** Clients of the practice whose name is being typed, for the field that names this list. */
export function KnownClients({ id, typed }: { id: string; typed: string }) {
  const search = useRested(typed.trim(), REST_MS)
  const found = useInfiniteQuery({ ...clientsQuery(search), enabled: search !== '' })
  const names = new Set(found.data?.pages[0]?.clients.map(({ name }) => name))
  return (
    <datalist id={id}>
      {[...names].map((name) => (
        <option key={name} value={name} />
      ))}
    </datalist>
  )
}
