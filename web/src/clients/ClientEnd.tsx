import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useNavigate } from '@tanstack/react-router'
import { useState } from 'react'
import type { ClientLine, ClientView } from '../api/client'
import { deleteClient } from '../api/clients'
import { TextButton } from '../ui/TextButton'
import { FindClient } from './FindClient'
import { MergeDialog } from './MergeDialog'

/** What ends a client: that they are another's double, or were written down by mistake. */
export function ClientEnd({ client }: { client: ClientView }) {
  const queries = useQueryClient()
  const navigate = useNavigate()
  const [finds, setFinds] = useState(false)
  const [other, setOther] = useState<ClientLine | null>(null)
  const deleting = useMutation({
    mutationFn: () => deleteClient(client.id),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ['clients'] })
      await navigate({ to: '/clients' })
    },
  })
  return (
    <section aria-label="End" className="border-rule mt-10 border-t pt-4">
      <p className="flex flex-wrap gap-x-6">
        <TextButton onClick={() => setFinds(!finds)}>Merge with another…</TextButton>
        <TextButton disabled={deleting.isPending} onClick={() => deleting.mutate()}>
          Delete client
        </TextButton>
      </p>
      {deleting.error && (
        <p role="alert" className="field-problem">
          {deleting.error.message}
        </p>
      )}
      {finds && <FindClient without={client.id} take={setOther} />}
      {other && (
        <MergeDialog
          kept={{ id: client.id, name: client.details.name }}
          gone={other}
          close={() => setOther(null)}
          done={() => {
            setOther(null)
            setFinds(false)
          }}
        />
      )}
    </section>
  )
}
