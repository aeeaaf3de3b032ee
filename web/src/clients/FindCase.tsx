import { useInfiniteQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { casesQuery } from '../api/cases'
import { listedCases } from '../cases/CaseList'
import { TextButton } from '../ui/TextButton'

const SHOWN = 6

/** Finds a case by words of its title or clients, to be given to a client. */
export function FindCase({ give }: { give: (id: string) => void }) {
  const [search, setSearch] = useState('')
  const found = useInfiniteQuery({ ...casesQuery({ search }), enabled: search.trim() !== '' })
  const cases = search.trim() === '' ? [] : listedCases(found.data?.pages ?? []).slice(0, SHOWN)
  return (
    <div className="border-rule mt-2 border-l-2 pl-4">
      <input
        type="search"
        autoFocus
        className="field max-w-80"
        aria-label="Find a case"
        placeholder="title or clients"
        maxLength={200}
        value={search}
        onChange={(event) => setSearch(event.target.value)}
      />
      <ul className="mt-1" aria-label="Found cases">
        {cases.map(({ id, title, clients }) => (
          <li key={id} className="py-1">
            <TextButton onClick={() => give(id)}>{title}</TextButton>
            <span className="note">{clients}</span>
          </li>
        ))}
      </ul>
    </div>
  )
}
