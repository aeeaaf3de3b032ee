import { TextButton } from '../ui/TextButton'
import { useInfiniteQuery } from '@tanstack/react-query'
import { useNavigate, useSearch } from '@tanstack/react-router'
import { lazy, Suspense, useEffect, useMemo, useRef, useState } from 'react'
import { casesQuery } from '../api/cases'
import type { KeyAction } from '../app/keys'
import { Places } from '../app/Places'
import { TopBar } from '../app/TopBar'
import { CaseActions } from './CaseActions'
import { CaseList, listedCases } from './CaseList'
import { askedFilter, NARROWING, type ChosenFilter } from './filter'
import { FilterBar } from './FilterBar'
import { UnseenNotes } from './UnseenNotes'
import { loadOpened } from './loadOpened'
import { useCaseActions } from './useCaseActions'

const OpenFile = lazy(async () => ({ default: (await loadOpened()).OpenFile }))
const ChosenCases = lazy(async () => ({ default: (await loadOpened()).ChosenCases }))
const BeginCase = lazy(async () => ({ default: (await loadOpened()).BeginCase }))

/** The practice's cases: what is open, searched as one types, and begun. */
export function CasesPage() {
  const { filter, search, setSearch, choose } = useFilterInAddress()
  /** What a new case begins from: a template by its id; null while none is begun. */
  const [begins, setBegins] = useState<{ template?: string } | null>(null)
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set())
  const [opensFile, setOpensFile] = useState(false)
  const searchField = useRef<HTMLInputElement>(null)
  const cases = useInfiniteQuery(casesQuery(askedFilter(filter)))
  const actions = useCaseActions()
  const { done, undo } = actions
  const shelf = askedFilter(filter).shelf ?? 'OPEN'
  const listed = listedCases(cases.data?.pages ?? [])
  const chosenCases = listed.filter(({ id }) => chosen.has(id))
  const toggle = (id: string) =>
    setChosen(
      (before) => new Set(before.has(id) ? [...before].filter((each) => each !== id) : [...before, id]),
    )
  // What is opened from here comes when the list has been shown, and is there before it is wanted.
  useEffect(() => void loadOpened(), [])
  const keys = useMemo<KeyAction[]>(
    () => [
      { keys: 'n', does: 'new case', run: () => setBegins({}) },
      { keys: '/', does: 'search', run: () => searchField.current?.focus() },
    ],
    [],
  )

  return (
    <>
      <title>Cases · Impendium</title>
      <TopBar actions={keys}>
        <Places />
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
          <button type="button" className="button" onClick={() => setBegins({})}>
            New case
          </button>
        </div>
        <FilterBar chosen={filter} choose={choose} />
        <p role="status" className="mt-3 min-h-6">
          {done?.words} {done?.canUndo && <TextButton onClick={undo}>Undo</TextButton>}
        </p>
        {chosenCases.length > 0 && (
          <Suspense>
            <ChosenCases
              cases={chosenCases}
              shelf={shelf}
              actions={actions}
              chooseAll={
                chosenCases.length < Math.min(listed.length, MOST_AT_ONCE)
                  ? () => setChosen(new Set(listed.slice(0, MOST_AT_ONCE).map(({ id }) => id)))
                  : null
              }
              clear={() => setChosen(new Set())}
            />
          </Suspense>
        )}
        <UnseenNotes />
        {cases.isError ? (
          <p className="text-over mt-4 font-medium">The cases cannot be loaded.</p>
        ) : cases.data ? (
          <CaseList
            parts={cases.data.pages}
            more={cases.hasNextPage && !cases.isFetching ? () => void cases.fetchNextPage() : null}
            shelf={shelf}
            isEarlier={cases.isPlaceholderData}
            whenEmpty={emptyWords(filter)}
            chosen={shelf === 'TEMPLATES' ? null : chosen}
            toggle={toggle}
            actions={(summary) => (
              <CaseActions
                summary={summary}
                shelf={shelf}
                actions={actions}
                begin={(template) => setBegins({ template })}
              />
            )}
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
          <BeginCase {...begins} close={() => setBegins(null)} />
        </Suspense>
      )}
    </>
  )
}

/** How many can be changed at once. */
const MOST_AT_ONCE = 500

function emptyWords({ search, shelf, ...others }: ChosenFilter) {
  if (NARROWING.some((name) => others[name] !== undefined)) return 'No case is like this.'
  if (search) return `No title or client contains “${search}”.`
  switch (shelf) {
    case 'ARCHIVED':
      return 'Nothing is archived.'
    case 'DELETED':
      return 'Nothing is deleted. What is deleted can be restored for thirty days.'
    case 'TEMPLATES':
      return 'No templates yet. An owner keeps a case as a template from the list of open cases.'
    default:
      return 'No cases yet. Create the first one.'
  }
}

/** What is chosen of the list: as the address has it at first, and written there. */
function useFilterInAddress() {
  const named = useSearch({ from: '/cases' })
  const [search, setSearch] = useState(named.search ?? '')
  const navigate = useNavigate()
  useEffect(() => {
    if (search === (named.search ?? '')) return
    void navigate({ to: '.', search: withoutGaps({ ...named, search: search || undefined }), replace: true })
  }, [search, named, navigate])
  return {
    filter: withoutGaps({ ...named, search: search || undefined }),
    search,
    setSearch,
    choose: (changed: ChosenFilter) =>
      void navigate({ to: '.', search: withoutGaps({ ...named, ...changed }), replace: true }),
  }
}

/** The same without what is not chosen, so that the address does not name it. */
const withoutGaps = (filter: ChosenFilter): ChosenFilter =>
  Object.fromEntries(Object.entries(filter).filter(([, value]) => value !== undefined))
