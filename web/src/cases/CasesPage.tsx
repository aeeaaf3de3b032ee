import { TextButton } from '../ui/TextButton'
import { useInfiniteQuery } from '@tanstack/react-query'
import { useNavigate, useSearch } from '@tanstack/react-router'
import { lazy, Suspense, useEffect, useMemo, useRef, useState } from 'react'
import { casesQuery } from '../api/cases'
import type { KeyAction } from '../app/keys'
import { useSession } from '../app/session'
import { TopBar } from '../app/TopBar'
import { CaseList } from './CaseList'
import { UnseenNotes } from './UnseenNotes'
import { useCaseActions } from './useCaseActions'

const loadBeginCase = () => import('./BeginCase')
const OpenFile = lazy(async () => ({ default: (await import('./OpenFile')).OpenFile }))
const BeginCase = lazy(async () => ({ default: (await loadBeginCase()).BeginCase }))

/** The practice's cases: what is open, searched as one types, and begun. */
export function CasesPage() {
  const { practice } = useSession()
  const [search, setSearch] = useSearchInAddress()
  const [begins, setBegins] = useState(false)
  const [opensFile, setOpensFile] = useState(false)
  const searchField = useRef<HTMLInputElement>(null)
  const cases = useInfiniteQuery(casesQuery(search))
  const { done, undo, duplicate, remove } = useCaseActions()
  // What is opened from here comes when the list has been shown, and is there before it is wanted.
  useEffect(() => void loadBeginCase(), [])
  const actions = useMemo<KeyAction[]>(
    () => [
      { keys: 'n', does: 'new case', run: () => setBegins(true) },
      { keys: '/', does: 'search', run: () => searchField.current?.focus() },
    ],
    [],
  )

  return (
    <>
      <title>Cases · Impendium</title>
      <TopBar actions={actions}>
        <span className="text-soft truncate">{practice}</span>
      </TopBar>
      <main id="main" tabIndex={-1} className="wide:pl-55 wide:pr-9 mid:px-8 max-w-7xl px-4 py-8">
        <div className="flex flex-wrap items-center gap-4">
          <h1 className="font-figures grow text-3xl font-medium">Cases</h1>
          <input
            ref={searchField}
            type="search"
            autoFocus
            className="field max-w-72"
            aria-label="Search cases"
            placeholder="Search by title or client"
            maxLength={200}
            value={search}
            onChange={(event) => setSearch(event.target.value)}
          />
          <TextButton onClick={() => setOpensFile(true)}>Open a file…</TextButton>
          <button type="button" className="button" onClick={() => setBegins(true)}>
            New case
          </button>
        </div>
        <p role="status" className="mt-3 min-h-6">
          {done?.words} {done?.canUndo && <TextButton onClick={undo}>Undo</TextButton>}
        </p>
        <UnseenNotes />
        {cases.isError ? (
          <p className="text-over mt-4 font-medium">The cases cannot be loaded.</p>
        ) : cases.data ? (
          <CaseList
            parts={cases.data.pages}
            more={cases.hasNextPage && !cases.isFetching ? () => void cases.fetchNextPage() : null}
            search={search}
            isEarlier={cases.isPlaceholderData}
            duplicate={duplicate}
            remove={remove}
          />
        ) : (
          <p className="text-soft mt-4">Loading cases…</p>
        )}
      </main>
      {opensFile && (
        <Suspense>
          <OpenFile close={() => setOpensFile(false)} />
        </Suspense>
      )}
      {begins && (
        <Suspense>
          <BeginCase close={() => setBegins(false)} />
        </Suspense>
      )}
    </>
  )
}

/** What is searched for: as the address has it at first, and written there. */
function useSearchInAddress() {
  const { search: named = '' } = useSearch({ from: '/cases' })
  const [search, setSearch] = useState(named)
  const navigate = useNavigate()
  useEffect(() => {
    if (search !== named) void navigate({ to: '.', search: search ? { search } : {}, replace: true })
  }, [search, named, navigate])
  return [search, setSearch] as const
}
