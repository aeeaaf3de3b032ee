import { useMutation } from '@tanstack/react-query'
import { useNavigate } from '@tanstack/react-router'
import { Dialog } from 'radix-ui'
import { useState, type SubmitEvent } from 'react'
import { createCase, startingCase } from '../api/cases'
import { MARKETS, type Market } from '../format/market'

/** Asks what a new case is called and for whom it is, then opens it. */
export function BeginCase({ close }: { close: () => void }) {
  const [title, setTitle] = useState('')
  const [clients, setClients] = useState('')
  const [market, setMarket] = useState<Market | null>(null)
  const navigate = useNavigate()
  const beginning = useMutation({
    mutationFn: async () => createCase({ ...(await startingCase(market)), title, clients }),
    onSuccess: ({ id }) => navigate({ to: '/cases/$id', params: { id }, state: { isNew: true } }),
  })
  const submit = (event: SubmitEvent) => {
    event.preventDefault()
    beginning.mutate()
  }

  return (
    <Dialog.Root open onOpenChange={(open) => !open && close()}>
      <Dialog.Portal>
        <Dialog.Overlay className="veil" />
        <Dialog.Content className="dialog">
          <Dialog.Title className="font-figures text-xl font-medium">New case</Dialog.Title>
          <Dialog.Description className="text-soft mt-1">
            It starts from the usual terms of its market; every figure can be changed.
          </Dialog.Description>
          <form className="mt-5 flex flex-col gap-4" onSubmit={submit}>
            <label className="font-medium">
              Case name
              <input
                className="field mt-1"
                placeholder="usually the address"
                required
                maxLength={200}
                value={title}
                onChange={(event) => setTitle(event.target.value)}
              />
            </label>
            <label className="font-medium">
              Clients
              <input
                className="field mt-1"
                placeholder="their names"
                maxLength={200}
                value={clients}
                onChange={(event) => setClients(event.target.value)}
              />
            </label>
            <label className="font-medium">
              Market
              <select
                className="field mt-1"
                value={market ?? ''}
                onChange={(event) =>
                  setMarket(event.target.value === '' ? null : (event.target.value as Market))
                }
              >
                <option value="">Practice default</option>
                {Object.entries(MARKETS).map(([each, words]) => (
                  <option key={each} value={each}>
                    {words.name}
                  </option>
                ))}
              </select>
            </label>
            {beginning.error && (
              <p role="alert" className="field-problem">
                {beginning.error.message}
              </p>
            )}
            <div className="mt-1 flex justify-end gap-3">
              <Dialog.Close className="button-quiet">Cancel</Dialog.Close>
              <button type="submit" className="button" disabled={beginning.isPending}>
                Create
              </button>
            </div>
          </form>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
