import { useMutation, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { ClientView } from '../api/client'
import { eraseClient, erasureQuery } from '../api/clients'
import { ModalDialog } from '../ui/ModalDialog'
import { TextButton } from '../ui/TextButton'

type EraseDialogProps = { client: ClientView; close: () => void; done: () => Promise<void> }

/** Asks, by their name, before a client is erased: nothing brings them back. */
export function EraseDialog({ client, close, done }: EraseDialogProps) {
  const { name } = client.details
  const [typed, setTyped] = useState('')
  const extent = useQuery(erasureQuery(client.id))
  const erasing = useMutation({ mutationFn: () => eraseClient(client.id), onSuccess: done })
  const error = extent.error ?? erasing.error
  return (
    <ModalDialog
      title={`Erase ${name}`}
      description="The client is permanently deleted, with every saved state, hand-out, page and note of the cases below. The log keeps that it was done, without the name. Backups made before, and what a restore has kept aside, still contain it until they are replaced."
      close={close}
    >
      {extent.data && (
        <>
          <Titles heading="These cases go" titles={extent.data.gone} />
          <Titles
            heading="These stay with another client, and with them the name that they are made out to"
            titles={extent.data.kept}
          />
          <Titles
            heading="These are others’ now; what they said while they were made out to this client goes"
            titles={extent.data.earlier}
          />
        </>
      )}
      <label className="mt-4 block font-medium">
        Type the client’s name
        <input
          className="field mt-1"
          autoComplete="off"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
      </label>
      {error && (
        <p role="alert" className="field-problem">
          {error.message}
        </p>
      )}
      <p className="mt-5 flex items-center gap-5">
        <button
          type="button"
          className="button"
          disabled={typed.trim() !== name || !extent.data || erasing.isPending}
          onClick={() => erasing.mutate()}
        >
          Erase for good
        </button>
        <TextButton onClick={close}>Cancel</TextButton>
      </p>
    </ModalDialog>
  )
}

function Titles({ heading, titles }: { heading: string; titles: readonly string[] }) {
  if (titles.length === 0) return null
  return (
    <div className="mt-3">
      <h3 className="heading">{heading}</h3>
      <ul aria-label={heading} className="max-h-40 overflow-y-auto">
        {titles.map((title, index) => (
          <li key={index}>{title}</li>
        ))}
      </ul>
    </div>
  )
}
