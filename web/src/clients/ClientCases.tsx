import { useInfiniteQuery, useMutation, useQueryClient } from '@tanstack/react-query'
import { lazy, Suspense, useState } from 'react'
import { casesQuery } from '../api/cases'
import type { CaseSummary, ClientView, Shelf } from '../api/client'
import { giveCase, takeCase } from '../api/clients'
import { listedCases } from '../cases/CaseList'
import { CaseLine } from '../cases/CaseLine'
import { TextButton } from '../ui/TextButton'
import '../cases/cases.css'
import { FindCase } from './FindCase'

const BeginCase = lazy(async () => ({ default: (await import('../cases/BeginCase')).BeginCase }))

/** All cases of a client, those put away among them, and giving them others. */
export function ClientCases({ client }: { client: ClientView }) {
  const [begins, setBegins] = useState(false)
  const [finds, setFinds] = useState(false)
  const queries = useQueryClient()
  const open = useInfiniteQuery(casesQuery({ client: client.id }))
  const archived = useInfiniteQuery(casesQuery({ client: client.id, shelf: 'ARCHIVED' }))
  const changing = useMutation({
    mutationFn: ({ id, isTheirs }: { id: string; isTheirs: boolean }) =>
      isTheirs ? giveCase(id, client.id) : takeCase(id, client.id),
    onSuccess: () =>
      Promise.all([
        queries.invalidateQueries({ queryKey: ['cases'] }),
        queries.invalidateQueries({ queryKey: ['clients'] }),
        queries.invalidateQueries({ queryKey: ['clients of case'] }),
      ]),
  })
  const lists: [Shelf, CaseSummary[]][] = [
    ['OPEN', listedCases(open.data?.pages ?? [])],
    ['ARCHIVED', listedCases(archived.data?.pages ?? [])],
  ]
  const count = lists.reduce((sum, [, cases]) => sum + cases.length, 0)
  return (
    <section className="mt-9" aria-labelledby="their-cases">
      <div className="flex flex-wrap items-baseline gap-x-5">
        <h2 id="their-cases" className="font-figures grow text-xl font-medium">
          Cases
        </h2>
        <TextButton onClick={() => setFinds(!finds)}>Give a case…</TextButton>
        <TextButton onClick={() => setBegins(true)}>New case for them</TextButton>
      </div>
      {changing.error && (
        <p role="alert" className="field-problem">
          {changing.error.message}
        </p>
      )}
      {finds && (
        <FindCase
          give={(id) => {
            changing.mutate({ id, isTheirs: true })
            setFinds(false)
          }}
        />
      )}
      {open.data && archived.data && count === 0 && <p className="text-soft mt-2">No cases yet.</p>}
      {lists.map(([shelf, cases]) => (
        <div key={shelf}>
          {shelf === 'ARCHIVED' && cases.length > 0 && <h3 className="heading mt-6 mb-1">Archived</h3>}
          {cases.length > 0 && (
            <ul
              className="border-rule -mx-2 mt-2 border-t"
              aria-label={shelf === 'OPEN' ? 'Cases' : 'Archived'}
            >
              {cases.map((summary) => (
                <li key={summary.id}>
                  <CaseLine summary={summary} shelf={shelf}>
                    <button
                      type="button"
                      onClick={() => changing.mutate({ id: summary.id, isTheirs: false })}
                    >
                      Not theirs<span className="sr-only"> {summary.title}</span>
                    </button>
                  </CaseLine>
                </li>
              ))}
            </ul>
          )}
        </div>
      ))}
      {[open, archived].map(
        (list, index) =>
          list.hasNextPage && (
            <p key={index} className="mt-2">
              <TextButton disabled={list.isFetching} onClick={() => void list.fetchNextPage()}>
                Show more
              </TextButton>
            </p>
          ),
      )}
      {begins && (
        <Suspense>
          <BeginCase clients={client.details.name} close={() => setBegins(false)} />
        </Suspense>
      )}
    </section>
  )
}
