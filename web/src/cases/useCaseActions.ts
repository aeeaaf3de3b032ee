import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { changeCases, duplicateCase, keepAsTemplate } from '../api/cases'
import type { CaseChange, CaseSummary, Person } from '../api/client'
import { loadOpened } from './loadOpened'

/** What was done last, in words, and how it is undone. */
type Done = { words: string; back: (() => Promise<void>) | null }

type Change = Exclude<CaseChange, 'HAND_OVER'>

const OPPOSITE: Record<Change, Change> = {
  ARCHIVE: 'REOPEN',
  REOPEN: 'ARCHIVE',
  DELETE: 'RESTORE',
  RESTORE: 'DELETE',
}

const DONE: Record<Change, string> = {
  ARCHIVE: 'archived',
  REOPEN: 'opened again',
  DELETE: 'deleted',
  RESTORE: 'restored',
}

type Named = Pick<CaseSummary, 'id' | 'title'>

/** One by its title, many by how many they are. */
const named = (cases: readonly Named[]) =>
  cases.length === 1 ? `“${cases[0]?.title}”` : `${cases.length} cases`

const idsOf = (cases: readonly Named[]) => cases.map(({ id }) => id)

export type CaseActions = ReturnType<typeof useCaseActions>

/** What is done to cases from their list, one or many, and undoing the last of it. */
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
    duplicate: ({ id, title }: Named) =>
      mutate(async () => {
        const copy = await duplicateCase(id)
        return {
          words: `“${copy.document.title}” created from “${title}”.`,
          back: () => changeCases([copy.id], 'DELETE'),
        }
      }),
    keepAsTemplate: ({ id, title }: Named, name: string) =>
      mutate(async () => {
        const template = await keepAsTemplate(id, name)
        return {
          words: `“${title}” kept as the template “${name}”, without its clients.`,
          back: () => changeCases([template.id], 'DELETE'),
        }
      }),
    change: (cases: readonly Named[], change: Change) =>
      mutate(async () => {
        await changeCases(idsOf(cases), change)
        return {
          words: `${named(cases)} ${DONE[change]}.`,
          back: () => changeCases(idsOf(cases), OPPOSITE[change]),
        }
      }),
    handOver: (cases: readonly CaseSummary[], to: Person, people: readonly Person[]) =>
      mutate(async () => {
        const { assign, assignments } = await loadOpened()
        const before = assignments(cases, people)
        await changeCases(idsOf(cases), 'HAND_OVER', to.id)
        return {
          words: `${named(cases)} assigned to ${to.name}.`,
          back: before && (() => assign(before)),
        }
      }),
  }
}
