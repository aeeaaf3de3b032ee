import { useQuery } from '@tanstack/react-query'
import { Link } from '@tanstack/react-router'
import { useState } from 'react'
import { doublesQuery } from '../api/clients'
import type { ClientLine } from '../api/client'
import { TextButton } from '../ui/TextButton'
import { MergeDialog } from './MergeDialog'
import { groupsOfDoubles } from './groupsOfDoubles'

/** Clients who may be kept twice, those alike together, to be made one. */
export function Doubles() {
  const doubles = useQuery(doublesQuery).data ?? []
  const [merged, setMerged] = useState<{ kept: ClientLine; gone: ClientLine } | null>(null)
  if (doubles.length === 0) return null
  return (
    <details className="border-act mt-5 border-l-3 pl-4">
      <summary className="cursor-pointer font-semibold">
        {doubles.length} clients may be kept twice
        <span className="note">same name, email or phone</span>
      </summary>
      <ul aria-label="Kept twice" className="mt-1">
        {groupsOfDoubles(doubles).map(([kept, ...others]) =>
          others.map((gone) => (
            <li key={gone.id} className="flex flex-wrap items-baseline gap-x-4 py-1">
              <span>
                <Name client={kept} /> and <Name client={gone} />
              </span>
              <TextButton onClick={() => setMerged({ kept, gone })}>
                Merge
                <span className="sr-only">
                  {' '}
                  {gone.name} into {kept.name}
                </span>
              </TextButton>
            </li>
          )),
        )}
      </ul>
      {merged && <MergeDialog {...merged} close={() => setMerged(null)} done={() => setMerged(null)} />}
    </details>
  )
}

function Name({ client: { id, name, phone, email, address } }: { client: ClientLine }) {
  const known = [phone, email, address].find((each) => each !== '')
  return (
    <>
      <Link to="/clients/$id" params={{ id }} className="text-act font-semibold">
        {name}
      </Link>
      {known && <span className="note">{known}</span>}
    </>
  )
}
