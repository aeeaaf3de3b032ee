import { useQuery } from '@tanstack/react-query'
import { Link } from '@tanstack/react-router'
import { unseenNotesQuery } from '../api/clientLinks'
import { formatMoment } from '../format/moment'

/** What clients wrote from their pages and nobody of the practice has seen. */
export function UnseenNotes() {
  const unseen = useQuery(unseenNotesQuery).data ?? []
  if (unseen.length === 0) return null
  return (
    <ul className="mt-1 mb-5" aria-label="Notes from clients">
      {unseen.map(({ caseId, title, notes, lastSentAt }) => (
        <li key={caseId} className="border-act mt-1 border-l-3 pl-3">
          {notes === 1 ? 'A note' : `${notes} notes`} from the client of{' '}
          <Link to="/cases/$id/hand-out" params={{ id: caseId }} className="text-act font-semibold">
            {title}
          </Link>
          <span className="note">{formatMoment(lastSentAt, new Date())}</span>
        </li>
      ))}
    </ul>
  )
}
