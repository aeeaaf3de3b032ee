import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { problemBeside, type ClientView } from '../api/client'
import { clientQuery, saveClient } from '../api/clients'
import { formatMoment } from '../format/moment'
import { ClientFields } from './ClientFields'
import { sameDetails, withTyped } from './details'

/** What is known of a client, saved as a field is left. */
export function ClientEditor({ client }: { client: ClientView }) {
  const { id } = client
  const queries = useQueryClient()
  const [details, setDetails] = useState(client.details)
  const [base, setBase] = useState(client.details)
  if (client.details !== base) {
    // Saved by a colleague, or joined with another client: only what is being typed here stays as it is.
    setBase(client.details)
    setDetails(withTyped(client.details, details, base))
  }
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
    // Somebody may have changed it since: leaving a field again saves what is typed over what they saved.
    onError: () => queries.invalidateQueries({ queryKey: clientQuery(id).queryKey }),
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
