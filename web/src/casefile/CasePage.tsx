import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { caseQuery, evaluationQuery } from '../api/cases'
import { Refusal, type CaseView } from '../api/client'
import { TopBar } from '../app/TopBar'
import { OpenedCase } from './OpenedCase'

/** Opens one case by its address. */
export function CasePage({ id }: { id: string }) {
  const latest = useQuery(caseQuery(id))
  const [opened, setOpened] = useState<CaseView | null>(null)

  // Only an answer of this visit will do: one kept from an earlier visit may have been saved over since.
  if (opened === null && latest.data && latest.isFetchedAfterMount) setOpened(latest.data)

  const figures = useQuery(evaluationQuery(opened))
  if (opened && latest.data && figures.data) {
    return <OpenedCase opened={opened} latest={latest.data} evaluation={figures.data} />
  }
  return (
    <>
      <TopBar actions={NO_ACTIONS} />
      <main className="p-8">
        {latest.isError || figures.isError ? (
          <>
            <h1 className="font-figures text-2xl">{titleOf(latest.error ?? figures.error)}</h1>
            <a className="text-act mt-2 inline-block font-semibold" href="/cases">
              To the cases
            </a>
          </>
        ) : (
          <p className="text-soft">Opening the case…</p>
        )}
      </main>
    </>
  )
}

const NO_ACTIONS: [] = []

const titleOf = (error: Error | null) =>
  error instanceof Refusal && (error.status === 404 || error.status === 400)
    ? 'Your practice has no case at this address'
    : 'The case cannot be read just now'
