import type { UseMutationResult } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { useIsOwner } from '../app/session'
import { TextButton } from '../ui/TextButton'
import { OwnersOnly } from './OwnersOnly'

type SaveBarProps = {
  saving: Pick<UseMutationResult<unknown, Error, void>, 'mutate' | 'isPending' | 'error'>
  close: () => void
  /** Further actions beside. */
  children?: ReactNode
}

/** Saves what is edited or leaves it, and says why it was refused. */
export function SaveBar({ saving, close, children }: SaveBarProps) {
  const isOwner = useIsOwner()
  return (
    <>
      {saving.error && (
        <p role="alert" className="field-problem mt-2">
          {saving.error.message}
        </p>
      )}
      <p className="mt-3 flex flex-wrap items-center gap-x-5 gap-y-2">
        <OwnersOnly>
          <button
            type="button"
            className="button"
            disabled={saving.isPending}
            onClick={() => saving.mutate()}
          >
            Save
          </button>
        </OwnersOnly>
        <TextButton onClick={close}>{isOwner ? 'Cancel' : 'Close'}</TextButton>
        <OwnersOnly>{children}</OwnersOnly>
      </p>
    </>
  )
}
