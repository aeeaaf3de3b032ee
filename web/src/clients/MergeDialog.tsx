import { useMutation, useQueryClient } from '@tanstack/react-query'
import type { ClientLine } from '../api/client'
import { clientQuery, mergeClients } from '../api/clients'
import { ModalDialog } from '../ui/ModalDialog'
import { TextButton } from '../ui/TextButton'

type Named = Pick<ClientLine, 'id' | 'name'>

type MergeDialogProps = {
  kept: Named
  gone: Named
  close: () => void
  /** Told once they are one. */
  done: () => void
}

/** Asks before two clients are made one: that is not undone. */
export function MergeDialog({ kept, gone, close, done }: MergeDialogProps) {
  const queries = useQueryClient()
  const merging = useMutation({
    mutationFn: () => mergeClients(kept.id, gone.id),
    onSuccess: async (merged) => {
      queries.setQueryData(clientQuery(merged.id).queryKey, merged)
      await Promise.all([
        queries.invalidateQueries({ queryKey: ['clients'] }),
        queries.invalidateQueries({ queryKey: ['cases'] }),
      ])
      done()
    },
  })
  return (
    <ModalDialog
      title="Make them one client"
      description={`${kept.name} takes over all cases of ${gone.name}, the notes of both, and phone, email and address where only ${gone.name} has them. ${gone.name} goes from the list. This cannot be undone.`}
      close={close}
    >
      {merging.error && (
        <p role="alert" className="field-problem">
          {merging.error.message}
        </p>
      )}
      <p className="mt-5 flex items-center gap-5">
        <button
          type="button"
          className="button"
          disabled={merging.isPending}
          onClick={() => merging.mutate()}
        >
          Merge
        </button>
        <TextButton onClick={close}>Cancel</TextButton>
      </p>
    </ModalDialog>
  )
}
