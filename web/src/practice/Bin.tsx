import { useQuery } from '@tanstack/react-query'
import { useId } from 'react'
import { binQuery, type KeptKind } from '../api/bins'
import { formatDayOf } from '../format/moment'
import { TextButton } from '../ui/TextButton'
import { OwnersOnly } from './OwnersOnly'

/** What was deleted of a kind within thirty days, and the way back. */
export function Bin({ kind, restore }: { kind: KeptKind; restore: (id: string) => void }) {
  const id = useId()
  const bin = useQuery(binQuery(kind)).data ?? []
  if (bin.length === 0) return null
  return (
    <section className="mt-9" aria-labelledby={id}>
      <h2 id={id} className="heading">
        Deleted
      </h2>
      <ul aria-labelledby={id}>
        {bin.map((each) => (
          <li key={each.id} className="border-rule flex flex-wrap justify-between gap-x-6 border-b py-2">
            <span>
              {each.name}
              <span className="text-soft block text-[0.8125rem]">
                deleted on {formatDayOf(each.deletedAt)} by {each.deletedBy}, permanently on{' '}
                {formatDayOf(each.goesAt)}
              </span>
            </span>
            <OwnersOnly>
              <TextButton onClick={() => restore(each.id)}>
                Restore<span className="sr-only"> {each.name}</span>
              </TextButton>
            </OwnersOnly>
          </li>
        ))}
      </ul>
    </section>
  )
}
