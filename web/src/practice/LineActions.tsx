import type { ReactNode } from 'react'
import { useIsOwner } from '../app/session'
import { TextButton } from '../ui/TextButton'
import { OwnersOnly } from './OwnersOnly'

type LineActionsProps = {
  /** What the line is of, for who hears its buttons one by one. */
  name: string
  edit: () => void
  remove: () => void
  /** Further actions between them. */
  children?: ReactNode
}

/** What can be done about something that the practice keeps: others than owners open it, and leave it as it is. */
export function LineActions({ name, edit, remove, children }: LineActionsProps) {
  const isOwner = useIsOwner()
  return (
    <p className="flex gap-4">
      <TextButton onClick={edit}>
        {isOwner ? 'Edit' : 'Open'}
        <span className="sr-only"> {name}</span>
      </TextButton>
      {children}
      <OwnersOnly>
        <TextButton onClick={remove}>
          Delete<span className="sr-only"> {name}</span>
        </TextButton>
      </OwnersOnly>
    </p>
  )
}
