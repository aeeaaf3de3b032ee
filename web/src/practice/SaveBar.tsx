import type { ReactNode } from 'react'
import { useIsOwner } from '../app/session'
import { TextButton } from '../ui/TextButton'
import { OwnersOnly } from './OwnersOnly'
import type { useSavedDraft } from './useSavedDraft'

type SaveBarProps = {
  edited: Pick<ReturnType<typeof useSavedDraft>, 'save' | 'isSaving' | 'error' | 'forget' | 'conflict'>
  close: () => void
  /** Further actions beside. */
  children?: ReactNode
}

/** Saves what is edited or leaves it, and says why it was refused. */
export function SaveBar({
  edited: { save, isSaving, error, forget, conflict },
  close,
  children,
}: SaveBarProps) {
  const isOwner = useIsOwner()
  return (
    <>
      {error && (
        <p role="alert" className="field-problem mt-2">
          {error.message}
        </p>
      )}
      {conflict && (
        <p className="mt-2 flex flex-wrap gap-x-5">
          <TextButton onClick={conflict.keepTheirs}>Keep theirs</TextButton>
          <TextButton onClick={conflict.keepMine}>Keep mine</TextButton>
        </p>
      )}
      <p className="mt-3 flex flex-wrap items-center gap-x-5 gap-y-2">
        <OwnersOnly>
          <button type="button" className="button" disabled={isSaving} onClick={save}>
            Save
          </button>
        </OwnersOnly>
        <TextButton
          onClick={() => {
            forget()
            close()
          }}
        >
          {isOwner ? 'Cancel' : 'Close'}
        </TextButton>
        <OwnersOnly>{children}</OwnersOnly>
      </p>
    </>
  )
}
