import type { UseMutationResult } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { TextButton } from '../ui/TextButton'

type SaveBarProps = {
  saving: Pick<UseMutationResult<unknown, Error, void>, 'mutate' | 'isPending' | 'error'>
  close: () => void
  /** Further actions beside. */
  children?: ReactNode
}

/** Saves what is edited or leaves it, and says why it was refused. */
export function SaveBar({ saving, close, children }: SaveBarProps) {
  return (
    <>
      {saving.error && (
        <p role="alert" className="field-problem mt-2">
          {saving.error.message}
        </p>
      )}
      <p className="mt-3 flex flex-wrap items-center gap-x-5 gap-y-2">
        <button type="button" className="button" disabled={saving.isPending} onClick={() => saving.mutate()}>
          Save
        </button>
        <TextButton onClick={close}>Cancel</TextButton>
        {children}
      </p>
    </>
  )
}
