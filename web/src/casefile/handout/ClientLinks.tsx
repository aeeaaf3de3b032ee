import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { clientLinksQuery, seeNotes, unseenNotesQuery } from '../../api/clientLinks'
import { useOpenCase } from '../CaseContext'
import { ClientLink } from './ClientLink'
import { MakeClientLink } from './MakeClientLink'

/** The pages that the clients open by a link, when they did, and what they wrote back. */
export function ClientLinks() {
  const { id } = useOpenCase()
  const links = useQuery(clientLinksQuery(id)).data
  useSeenNotes(id, links?.some(({ notes }) => notes.length > 0) ?? false)
  return (
    <section className="mt-7" aria-labelledby="client-page-heading">
      <h2 id="client-page-heading" className="heading">
        A page for the client
      </h2>
      <MakeClientLink />
      <ul className="border-rule mt-3 border-t" aria-label="Links to the client’s page">
        {links?.map((link) => (
          <ClientLink key={link.id} link={link} />
        ))}
      </ul>
    </section>
  )
}

/** Notes that stand here are seen: the list of cases points to them no more. */
function useSeenNotes(caseId: string, hasNotes: boolean) {
  const queries = useQueryClient()
  const { mutate: see } = useMutation({
    mutationFn: () => seeNotes(caseId),
    onSuccess: () => queries.invalidateQueries({ queryKey: unseenNotesQuery.queryKey }),
  })
  useEffect(() => {
    if (hasNotes) see()
  }, [hasNotes, see])
}
