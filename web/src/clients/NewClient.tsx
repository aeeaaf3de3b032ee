import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useNavigate } from '@tanstack/react-router'
import { useState } from 'react'
import { problemBeside } from '../api/client'
import { createClient, divideClient } from '../api/clients'
import { TextButton } from '../ui/TextButton'
import { ClientFields } from './ClientFields'
import { NOTHING_KNOWN } from './details'
import { useOneOrSeveral } from './useOneOrSeveral'

/** Adds a client, and opens what is known of them. */
export function NewClient({ close }: { close: () => void }) {
  const [details, setDetails] = useState(NOTHING_KNOWN)
  const queries = useQueryClient()
  const navigate = useNavigate()
  const { several, question } = useOneOrSeveral(details.name)
  const creating = useMutation({
    mutationFn: async () => {
      const created = await createClient(details)
      if (several) await divideClient(created.id)
      return created
    },
    onSuccess: async ({ id }) => {
      await queries.invalidateQueries({ queryKey: ['clients'] })
      await navigate({ to: '/clients/$id', params: { id } })
    },
  })
  return (
    <form
      aria-label="New client"
      className="border-rule mt-5 max-w-3xl border-y py-4"
      onSubmit={(event) => {
        event.preventDefault()
        creating.mutate()
      }}
    >
      <ClientFields details={details} change={setDetails} error={creating.error} />
      {question && <div className="mt-3">{question}</div>}
      <p role="alert" className="field-problem">
        {problemBeside(creating.error)}
      </p>
      <p className="mt-3 flex items-center gap-5">
        <button type="submit" className="button" disabled={creating.isPending}>
          Add client
        </button>
        <TextButton onClick={close}>Cancel</TextButton>
      </p>
    </form>
  )
}
