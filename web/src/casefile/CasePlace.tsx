import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Link } from '@tanstack/react-router'
import type { CaseView, Shelf } from '../api/client'
import { clientsOfCaseQuery, divideClient } from '../api/clients'
import { areSeveral, namesIn } from '../clients/clientNames'
import { TextButton } from '../ui/TextButton'

const SHELF_NOTES: Record<Shelf, string | null> = {
  OPEN: null,
  ARCHIVED: 'archived',
  TEMPLATES: 'template',
  DELETED: 'deleted',
}

type CasePlaceProps = {
  saved: CaseView
  /** For whom the case is, as it is typed now. */
  typed: string
}

/** Where a case belongs: its clients' own pages, and the shelf it lies on where it is not open. */
export function CasePlace({ saved: { id, revision, shelf, document }, typed }: CasePlaceProps) {
  const { data: clients = [], isPlaceholderData } = useQuery(clientsOfCaseQuery(id, revision))
  const note = SHELF_NOTES[shelf]
  const queries = useQueryClient()
  const dividing = useMutation({ mutationFn: divideClient, onSuccess: () => queries.invalidateQueries() })
  const [only] = clients
  const names = clients.length === 1 && only ? namesIn(only.name) : []
  // A name that was saved while it was typed belongs to nobody: split, it would leave half a name behind.
  const isWritten = !isPlaceholderData && typed === document.clients
  return (
    <>
      {note && <span className="border-rule text-soft rounded border px-1.5 text-xs">{note}</span>}
      {clients.map((client) => (
        <Link
          key={client.id}
          to="/clients/$id"
          params={{ id: client.id }}
          className="text-act max-w-40 truncate text-[0.8125rem] font-semibold"
        >
          {clients.length === 1 ? 'Contact' : client.name}
          {clients.length === 1 && <span className="sr-only"> of {client.name}</span>}
        </Link>
      ))}
      {only && isWritten && areSeveral(names) && (
        <TextButton
          title={`Split into ${names.join(' · ')}`}
          disabled={dividing.isPending}
          onClick={() => dividing.mutate(only.id)}
        >
          {names.length} clients?
        </TextButton>
      )}
      {dividing.error && (
        <span role="alert" className="text-over text-[0.8125rem]">
          {dividing.error.message}
        </span>
      )}
    </>
  )
}
