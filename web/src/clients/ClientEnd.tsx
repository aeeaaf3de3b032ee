import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useNavigate } from '@tanstack/react-router'
import { useState } from 'react'
import type { ClientLine, ClientView } from '../api/client'
import { deleteClient, divideClient, recordOf } from '../api/clients'
import { useIsOwner } from '../app/session'
import { saveFile } from '../ui/saveFile'
import { TextButton } from '../ui/TextButton'
import { namesIn } from './clientNames'
import { EraseDialog } from './EraseDialog'
import { FindClient } from './FindClient'
import { MergeDialog } from './MergeDialog'

/** What can be done with all that is kept of a client: take it along, join it to another's, end it. */
export function ClientEnd({ client }: { client: ClientView }) {
  const queries = useQueryClient()
  const navigate = useNavigate()
  const isOwner = useIsOwner()
  const [finds, setFinds] = useState(false)
  const [erases, setErases] = useState(false)
  const [other, setOther] = useState<ClientLine | null>(null)
  const leave = async () => {
    await Promise.all([
      queries.invalidateQueries({ queryKey: ['clients'] }),
      queries.invalidateQueries({ queryKey: ['cases'] }),
    ])
    await navigate({ to: '/clients' })
  }
  const deleting = useMutation({ mutationFn: () => deleteClient(client.id), onSuccess: leave })
  const saving = useMutation({
    mutationFn: (form: 'json' | 'pdf') => recordOf(client.id, form),
    onSuccess: ({ name, contents }) => saveFile(name, contents),
  })
  const dividing = useMutation({
    mutationFn: () => divideClient(client.id),
    onSuccess: () => queries.invalidateQueries(),
  })
  const names = namesIn(client.details.name)
  const error = deleting.error ?? saving.error ?? dividing.error
  return (
    <section aria-label="All that is kept" className="border-rule mt-10 border-t pt-4">
      <p className="text-soft">
        A copy of all that is kept of them: pages to read, and a file with every saved state.
      </p>
      <p className="mt-1 flex flex-wrap gap-x-6 gap-y-1">
        <TextButton disabled={saving.isPending} onClick={() => saving.mutate('pdf')}>
          Save as PDF
        </TextButton>
        <TextButton disabled={saving.isPending} onClick={() => saving.mutate('json')}>
          Save as JSON
        </TextButton>
        <TextButton onClick={() => setFinds(!finds)}>Merge with another…</TextButton>
        {names.length > 1 && (
          <TextButton disabled={dividing.isPending} onClick={() => dividing.mutate()}>
            Split into {names.length} clients
          </TextButton>
        )}
        <TextButton disabled={deleting.isPending} onClick={() => deleting.mutate()}>
          Delete client
        </TextButton>
        {isOwner && <TextButton onClick={() => setErases(true)}>Erase for good…</TextButton>}
      </p>
      {error && (
        <p role="alert" className="field-problem">
          {error.message}
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
      {erases && <EraseDialog client={client} close={() => setErases(false)} done={leave} />}
    </section>
  )
}
