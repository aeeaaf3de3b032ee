import { useInfiniteQuery } from '@tanstack/react-query'
import { Link, useNavigate, useSearch } from '@tanstack/react-router'
import { useEffect, useMemo, useRef, useState } from 'react'
import { clientsQuery } from '../api/clients'
import type { KeyAction } from '../app/keys'
import { Places } from '../app/Places'
import { TopBar } from '../app/TopBar'
import { TextButton } from '../ui/TextButton'
import { Doubles } from './Doubles'
import { NewClient } from './NewClient'
import './clients.css'

/** Whom the practice works for, found by name, email, address or phone. */
export function ClientsPage() {
  const { search: named = '' } = useSearch({ from: '/clients' })
  const [search, setSearch] = useState(named)
  const [adds, setAdds] = useState(false)
  const navigate = useNavigate()
  useEffect(() => {
    if (search !== named) void navigate({ to: '.', search: search ? { search } : {}, replace: true })
  }, [search, named, navigate])
  const field = useRef<HTMLInputElement>(null)
  const keys = useMemo<KeyAction[]>(
    () => [
      { keys: 'n', does: 'new client', run: () => setAdds(true) },
      { keys: '/', does: 'search', run: () => field.current?.focus() },
    ],
    [],
  )
  const found = useInfiniteQuery(clientsQuery(search))
  const clients = found.data?.pages.flatMap((part) => part.clients) ?? []
  const total = found.data?.pages.at(-1)?.total ?? 0
  return (
    <>
      <title>Clients · Impendium</title>
      <TopBar actions={keys}>
        <Places />
      </TopBar>
      <main id="main" tabIndex={-1} className="wide:pl-55 wide:pr-9 mid:px-8 max-w-7xl px-4 py-8">
        <div className="flex flex-wrap items-center gap-4">
          <h1 className="font-figures grow text-3xl font-medium">Clients</h1>
          <input
            ref={field}
            type="search"
            autoFocus
            className="field max-w-80"
            aria-label="Search clients"
            placeholder="Search by name, phone or address"
            maxLength={200}
            value={search}
            onChange={(event) => setSearch(event.target.value)}
          />
          <button type="button" className="button" onClick={() => setAdds(true)}>
            New client
          </button>
        </div>
        {adds && <NewClient close={() => setAdds(false)} />}
        {search === '' && <Doubles />}
        {found.error && <p className="text-over mt-4 font-medium">The clients cannot be loaded.</p>}
        {found.data && total === 0 && (
          <p className="text-soft mt-6 text-base">
            {search
              ? `No name, email, address or phone number contains “${search}”.`
              : 'No clients yet. They come with the first case that names them.'}
          </p>
        )}
        {total > 0 && (
          <>
            <ul
              className="border-rule -mx-2 mt-6 border-t"
              aria-label="Clients"
              aria-busy={found.isPlaceholderData}
            >
              {clients.map((client) => (
                <li key={client.id} className="client-line">
                  <div className="min-w-0">
                    <Link
                      to="/clients/$id"
                      params={{ id: client.id }}
                      className="text-base font-semibold after:absolute after:inset-0"
                    >
                      {client.name}
                    </Link>
                    <p className="text-soft">{client.address}</p>
                  </div>
                  <p className="text-soft">
                    {[client.phone, client.email].filter((each) => each !== '').join(', ')}
                  </p>
                  <p className="text-soft mid:text-right">{casesWords(client.cases)}</p>
                </li>
              ))}
            </ul>
            <p className="note mt-3 ml-0">
              {clients.length < total && `${clients.length} of `}
              {total.toLocaleString('en-US')} {total === 1 ? 'client' : 'clients'}
              {found.hasNextPage && (
                <>
                  {'. '}
                  <TextButton disabled={found.isFetching} onClick={() => void found.fetchNextPage()}>
                    Show more
                  </TextButton>
                </>
              )}
            </p>
          </>
        )}
      </main>
    </>
  )
}

const casesWords = (count: number) => (count === 0 ? 'no cases' : count === 1 ? '1 case' : `${count} cases`)
