import { useState, type ReactNode } from 'react'
import { useIsOwner } from '../app/session'
import { TextButton } from '../ui/TextButton'
import { HistoryButton } from './HistoryButton'
import { OwnersOnly } from './OwnersOnly'

type KeptLineProps = {
  /** What it is called, for who hears its buttons one by one. */
  name: string
  /** The same as it is seen. */
  heading: ReactNode
  /** What it says, in short. */
  children: ReactNode
  edit: () => void
  remove: () => void
  history: ReactNode
}

/** Something that the practice keeps, in short, and what can be done about it: others than owners open it, and leave it as it is. */
export function KeptLine({ name, heading, children, edit, remove, history }: KeptLineProps) {
  const isOwner = useIsOwner()
  const [isHistory, setIsHistory] = useState(false)
  return (
    <>
      <div className="flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
        {heading}
        <p className="flex gap-4">
          <TextButton onClick={edit}>
            {isOwner ? 'Edit' : 'Open'}
            <span className="sr-only"> {name}</span>
          </TextButton>
          <HistoryButton name={name} isOpen={isHistory} toggle={() => setIsHistory(!isHistory)} />
          <OwnersOnly>
            <TextButton onClick={remove}>
              Delete<span className="sr-only"> {name}</span>
            </TextButton>
          </OwnersOnly>
        </p>
      </div>
      {children}
      {isHistory && history}
    </>
  )
}
