import { useQuery } from '@tanstack/react-query'
import { binQuery, type KeptKind } from '../api/bins'
import { formatDayOf } from '../format/moment'

type DeletedNoteProps = {
  kind: KeptKind
  /** What the case chose; null for nothing. */
  wanted: string | null
  /** All that can be chosen. */
  among: readonly { id: string }[]
  /** What becomes of the case meanwhile: "checked against Curlew Mutual". */
  meanwhile: string
}

/** Says that what the case chose of a kind is deleted, and what is used meanwhile. */
export function DeletedNote({ kind, wanted, among, meanwhile }: DeletedNoteProps) {
  const isGone = wanted !== null && among.every(({ id }) => id !== wanted)
  const bin = useQuery({ ...binQuery(kind), enabled: isGone }).data
  if (!isGone || bin === undefined) return null
  const deleted = bin.find(({ id }) => id === wanted)
  return (
    <p role="note" className="text-over mt-2 text-[0.8125rem] font-medium">
      <span aria-hidden>⚠ </span>
      {deleted
        ? `${deleted.name} was deleted on ${formatDayOf(deleted.deletedAt)}`
        : 'What this case chose is no longer available'}
      ; {meanwhile} meanwhile.
    </p>
  )
}
