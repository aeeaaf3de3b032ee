import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { problemBeside, type ClientView } from '../api/client'
import { clientQuery, saveClient } from '../api/clients'
import { formatMoment } from '../format/date'
import { ClientFields } from './ClientFields'
import { sameDetails } from './details'

/** What is known of a client, saved as a field is left. */
export function ClientEditor({ client }: { client: ClientView }) {
  const { id } = client
  const queries = useQueryClient()
  const [details, setDetails] = useState(client.details)
  const saving = useMutation({
    // One after the other: each is made from the revision that the one before it was answered with.
    scope: { id: `client ${id}` },
    mutationFn: async () => {
      const { revision } = queries.getQueryData(clientQuery(id).queryKey) ?? client
      return saveClient(id, revision, details)
    },
    onSuccess: async (saved) => {
      queries.setQueryData(clientQuery(id).queryKey, saved)
      await queries.invalidateQueries({ queryKey: ['clients'] })
    },
  })
  return (
    <section aria-label="What is known of them" className="mt-5 max-w-3xl">
      <div onBlur={() => !sameDetails(details, client.details) && saving.mutate()}>
        <ClientFields details={details} change={setDetails} error={saving.error} />
      </div>
      <p role="alert" className="field-problem">
        {problemBeside(saving.error)}
      </p>
      <p role="status" className="text-soft text-[0.8125rem]">
        {saving.isPending
          ? 'Saving…'
          : saving.error
            ? 'Not saved.'
            : `Saved ${formatMoment(client.savedAt, new Date())} by ${client.savedBy}`}
      </p>
    </section>
  )
}
