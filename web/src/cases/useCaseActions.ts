import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { deleteCase, duplicateCase, restoreCase } from '../api/cases'
import type { CaseSummary } from '../api/client'

/** What was done last, in words, and how it is undone. */
type Done = { words: string; back: (() => Promise<void>) | null }

/** Duplicating and deleting cases from the list, and undoing the last of it. */
export function useCaseActions() {
  const queries = useQueryClient()
  const [done, setDone] = useState<Done | null>(null)
  const { mutate } = useMutation({
    mutationFn: (act: () => Promise<Done>) => act(),
    onSuccess: async (what) => {
      await queries.invalidateQueries({ queryKey: ['cases'] })
      setDone(what)
    },
    onError: (error) => setDone({ words: `Not done: ${error.message}`, back: null }),
  })
  return {
    done: done && { words: done.words, canUndo: done.back !== null },
    undo: () =>
      mutate(async () => {
        await done?.back?.()
        return { words: 'Undone.', back: null }
      }),
    duplicate: ({ id, title }: CaseSummary) =>
      mutate(async () => {
        const copy = await duplicateCase(id)
        return { words: `“${copy.document.title}” created from “${title}”.`, back: () => deleteCase(copy.id) }
      }),
    remove: ({ id, title }: CaseSummary) =>
      mutate(async () => {
        await deleteCase(id)
        return { words: `“${title}” deleted.`, back: () => restoreCase(id) }
      }),
  }
}
