import { useMutation } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { Refusal } from '../api/client'
import { byIds } from '../field/pointers'
import { hasUnreadable, useDraft } from '../field/useDraft'

/**
 * Something that a practice keeps, edited in fields and kept when it is saved. What is refused is told at its field.
 *
 * @param save keeps it
 * @param onSaved told once it is kept
 */
export function useSavedDraft<T>(
  start: T,
  save: (value: T) => Promise<unknown>,
  onSaved: () => Promise<unknown>,
) {
  const [value, setValue] = useState(start)
  const draft = useDraft(start, setValue)
  const saving = useMutation({
    mutationFn: async () => {
      if (hasUnreadable(draft)) throw new Error('Fix the marked entry first.')
      return save(value)
    },
    onSuccess: onSaved,
  })
  const { error } = saving
  const entries = useMemo(() => {
    const fields = error instanceof Refusal ? (error.problem.fields ?? []) : []
    const problems = fields.map((each) => ({
      ...each,
      pointer: each.pointer === null ? null : byIds(value, each.pointer),
    }))
    return { ...draft, problems }
  }, [draft, error, value])
  return { value, draft, entries, saving }
}
