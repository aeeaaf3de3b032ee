import { lazy, Suspense, useState } from 'react'
import type { CaseSummary, Shelf } from '../api/client'
import { useIsOwner } from '../app/session'
import { loadOpened } from './loadOpened'
import type { CaseActions as Actions } from './useCaseActions'

const KeepAsTemplate = lazy(async () => ({ default: (await loadOpened()).KeepAsTemplate }))

type CaseActionsProps = { summary: CaseSummary; shelf: Shelf; actions: Actions; begin: (id: string) => void }

/** What can be done about a case, by where it lies. */
export function CaseActions({ summary, shelf, actions, begin }: CaseActionsProps) {
  const isOwner = useIsOwner()
  const { id, title } = summary
  const [isKept, setIsKept] = useState(false)
  const button = (words: string, act: () => void) => (
    <button key={words} type="button" onClick={act}>
      {words}
      <span className="sr-only"> {title}</span>
    </button>
  )
  const remove = button('Delete', () => actions.change([summary], 'DELETE'))
  switch (shelf) {
    case 'OPEN':
      return [
        button('Duplicate', () => actions.duplicate(summary)),
        ...(isOwner ? [button('As template', () => setIsKept(true))] : []),
        button('Archive', () => actions.change([summary], 'ARCHIVE')),
        remove,
        isKept && (
          <Suspense key="template">
            <KeepAsTemplate
              keep={(name) => actions.keepAsTemplate(summary, name)}
              close={() => setIsKept(false)}
            />
          </Suspense>
        ),
      ]
    case 'ARCHIVED':
      return [button('Open again', () => actions.change([summary], 'REOPEN')), remove]
    case 'TEMPLATES':
      return [button('Begin a case from', () => begin(id)), ...(isOwner ? [remove] : [])]
    case 'DELETED':
      return button('Restore', () => actions.change([summary], 'RESTORE'))
  }
}
