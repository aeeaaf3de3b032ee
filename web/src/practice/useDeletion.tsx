import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { binQuery, deleteKept, restoreKept, usesOf, type KeptKind } from '../api/bins'
import { ConfirmDialog } from '../ui/ConfirmDialog'
import { TextButton } from '../ui/TextButton'

type Deletable = { id: string; name: string }

/**
 * Deletes what the practice keeps, after saying how many cases use it, and takes that back.
 *
 * @param listKey of the list that it stands in
 */
export function useDeletion(kind: KeptKind, listKey: readonly unknown[]) {
  const queries = useQueryClient()
  const [asked, setAsked] = useState<(Deletable & { uses: number }) | null>(null)
  const refresh = () =>
    Promise.all([listKey, binQuery(kind).queryKey].map((queryKey) => queries.invalidateQueries({ queryKey })))
  const asking = useMutation({
    mutationFn: async (each: Deletable) => ({ ...each, uses: await usesOf(each.id) }),
    onSuccess: setAsked,
  })
  const deleting = useMutation({
    mutationFn: ({ id }: Deletable) => deleteKept(kind, id),
    onSettled: async () => {
      setAsked(null)
      await refresh()
    },
  })
  const restoring = useMutation({
    mutationFn: (id: string) => restoreKept(kind, id),
    onSuccess: () => deleting.reset(),
    onSettled: refresh,
  })
  return {
    ask: (each: Deletable) => {
      // Why another could not be restored is no longer what is asked.
      restoring.reset()
      asking.mutate(each)
    },
    restore: (id: string) => restoring.mutate(id),
    error: asking.error ?? deleting.error ?? restoring.error,
    /** The question, and what came of it. */
    told: (
      <>
        {asked && (
          <ConfirmDialog
            title={`Delete ${asked.name}?`}
            actWords="Delete"
            act={() => deleting.mutate(asked)}
            cancel={() => setAsked(null)}
          >
            {usesWords(asked.uses)} It can be restored for 30 days, with its history.
          </ConfirmDialog>
        )}
        {deleting.isSuccess && (
          <p role="status" className="mt-3">
            {deleting.variables.name} is deleted.{' '}
            <TextButton onClick={() => restoring.mutate(deleting.variables.id)}>Undo</TextButton>
          </p>
        )}
      </>
    ),
  }
}

const usesWords = (uses: number) =>
  uses === 0 ? 'No case uses it.' : uses === 1 ? '1 case uses it.' : `${uses} cases use it.`
