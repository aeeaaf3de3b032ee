import { useMutation } from '@tanstack/react-query'
import { useEffect, useMemo, useState } from 'react'
import { Refusal } from '../api/client'
import { useSession } from '../app/session'
import { byIds } from '../field/pointers'
import { hasUnreadable, useDraft } from '../field/useDraft'
import { forgetDraft, keepDraft, keptDraftOf, type DraftKind, type Seen } from './keptDraft'

type SavedDraft<T> = {
  kind: DraftKind
  /** The state that was opened; null for something new. */
  seen: Seen | null
  start: T
  save: (seen: Seen | null, value: T) => Promise<{ revision: number | null }>
  /** Told once it is kept. */
  onSaved: () => Promise<unknown>
}

const CONFLICT = 409
const SIGNED_OUT = 401

/**
 * Something that a practice keeps, edited in fields and kept when it is saved. What is typed survives leaving the page; what is
 * refused is told at its field; where somebody else saved it in the meantime, either state can go on.
 */
export function useSavedDraft<T>({ kind, seen, start, save, onSaved }: SavedDraft<T>) {
  const { email } = useSession()
  // What was left unsaved goes on where it was, on the state that it began from.
  const [begun] = useState(() => {
    const left = keptDraftOf<T>({ kind, email, id: seen?.id ?? null })
    return left ?? { seen, start, value: start }
  })
  const [base, setBase] = useState(begun.seen)
  const [saved, setSaved] = useState(begun.start)
  const [value, setValue] = useState(begun.value)
  const draft = useDraft(begun.value, setValue)
  useEffect(() => {
    if (value !== saved) keepDraft({ kind, email, id: base?.id ?? null }, { seen: base, start: saved, value })
  }, [kind, email, base, saved, value])
  const forget = () => forgetDraft({ kind, email, id: base?.id ?? null })
  const saving = useMutation({
    mutationFn: async (over: Seen | null) => {
      if (hasUnreadable(draft)) throw new Error('Fix the marked entry first.')
      return save(over, value)
    },
    onSuccess: ({ revision }) => {
      forget()
      setSaved(value)
      setBase((before) => (before === null ? null : { ...before, revision: revision ?? before.revision }))
      return onSaved()
    },
  })
  // That nobody is signed in any more is asked above the page, and not true after it.
  const error = saving.error instanceof Refusal && saving.error.status === SIGNED_OUT ? null : saving.error
  const entries = useMemo(() => {
    const fields = error instanceof Refusal ? (error.problem.fields ?? []) : []
    const problems = fields.map((each) => ({
      ...each,
      pointer: each.pointer === null ? null : byIds(value, each.pointer),
    }))
    return { ...draft, problems }
  }, [draft, error, value])
  const latest = error instanceof Refusal && error.status === CONFLICT ? error.problem.latest : undefined
  return {
    value,
    draft,
    entries,
    error,
    isSaving: saving.isPending,
    save: () => saving.mutate(base),
    forget,
    /** What somebody else saved in the meantime, and how to go on; null where nobody did. */
    conflict: latest
      ? {
          savedBy: latest.savedBy,
          keepMine: () => {
            setBase(latest)
            saving.mutate(latest)
          },
          keepTheirs: () => {
            setBase(latest)
            setSaved(latest.value as T)
            draft.step(latest.value as T)
            forget()
            saving.reset()
          },
        }
      : null,
  }
}
