import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { Link } from '@tanstack/react-router'
import { useMemo, useRef, useState } from 'react'
import { casesQuery } from '../api/cases'
import type { CaseSummary } from '../api/client'
import type { KeyAction } from '../app/keys'
import { useSession } from '../app/session'
import { TopBar } from '../app/TopBar'
import { formatAmount } from '../format/amount'
import { formatMoment, formatMonth } from '../format/date'
import { localeOf } from '../format/market'
import { BeginCase } from './BeginCase'

/** The practice's cases: what is open, searched as one types, and begun. */
export function CasesPage() {
  const { practice } = useSession()
  const [search, setSearch] = useState('')
  const [begins, setBegins] = useState(false)
  const searchField = useRef<HTMLInputElement>(null)
  const cases = useQuery({ ...casesQuery(search), placeholderData: keepPreviousData })
  const actions = useMemo<KeyAction[]>(
    () => [
      { keys: 'n', does: 'begin a case', run: () => setBegins(true) },
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
      <main className="wide:pl-55 wide:pr-9 mid:px-8 max-w-7xl px-4 py-8">
        <div className="flex flex-wrap items-center gap-4">
          <h1 className="font-figures grow text-3xl font-medium">Cases</h1>
          <input
            ref={searchField}
            type="search"
            className="field max-w-72"
            aria-label="Search cases"
            placeholder="Search by title or client"
            maxLength={200}
            value={search}
            onChange={(event) => setSearch(event.target.value)}
          />
          <button type="button" className="button" onClick={() => setBegins(true)}>
            Begin a case
          </button>
        </div>
        <CaseList cases={cases.data} isFailed={cases.isError} search={search} />
      </main>
      {begins && <BeginCase close={() => setBegins(false)} />}
    </>
  )
}

type CaseListProps = { cases: readonly CaseSummary[] | undefined; isFailed: boolean; search: string }

function CaseList({ cases, isFailed, search }: CaseListProps) {
  if (isFailed) return <p className="text-over mt-8 font-medium">The cases cannot be read just now.</p>
  if (!cases) return <p className="text-soft mt-8">Reading the cases…</p>
  if (cases.length === 0) {
    return (
      <p className="text-soft mt-8 text-base">
        {search ? `No title or client contains “${search}”.` : 'No case yet. Begin the first one.'}
      </p>
    )
  }
  return (
    <ul className="border-rule -mx-2 mt-6 border-t" aria-label="Cases">
      {cases.map((each) => (
        <CaseLine key={each.id} summary={each} />
      ))}
    </ul>
  )
}

function CaseLine({ summary }: { summary: CaseSummary }) {
  const { id, title, clients, currency, monthlyCostCents, payoffDate, savedAt, savedBy } = summary
  return (
    <li className="border-rule hover:bg-act-tint relative grid gap-x-6 border-b px-2 py-3 mid:grid-cols-[1fr_10rem_12rem] mid:items-baseline">
      <div>
        <Link
          to="/cases/$id"
          params={{ id }}
          className="text-base font-semibold after:absolute after:inset-0"
        >
          {title}
        </Link>
        <p className="text-soft">{clients}</p>
      </div>
      <p className="mid:text-right">
        <span className="font-figures text-xl">{formatAmount(monthlyCostCents)}</span>
        <span className="note inline-block w-8 text-left">{currency}</span>
        <span className="text-soft mid:block ml-2 text-xs mid:ml-0">
          a month to {formatMonth(payoffDate, localeOf(currency))}
        </span>
      </p>
      <p className="text-soft text-xs mid:text-right">
        saved {formatMoment(savedAt, new Date())} by {savedBy}
      </p>
    </li>
  )
}
