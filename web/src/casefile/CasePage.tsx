import { useQuery } from '@tanstack/react-query'
import { useParams } from '@tanstack/react-router'
import { useState } from 'react'
import { caseQuery, evaluationQuery } from '../api/cases'
import { Refusal, type CaseView } from '../api/client'
import { NotFoundPage } from '../app/NotFoundPage'
import { TopBar } from '../app/TopBar'
import { OpenedCase } from './OpenedCase'

/** Opens one case by its address. */
export function CasePage() {
  const { id } = useParams({ from: '/cases/$id' })
  const latest = useQuery(caseQuery(id))
  const [opened, setOpened] = useState<CaseView | null>(null)

  // Only an answer of this visit will do: one kept from an earlier visit may have been saved over since.
  if (opened === null && latest.data && latest.isFetchedAfterMount) setOpened(latest.data)

  const figures = useQuery(evaluationQuery(opened))
  if (opened && latest.data && figures.data) {
    return <OpenedCase opened={opened} latest={latest.data} evaluation={figures.data} />
  }
  if (latest.isError || figures.isError)
    return <NotFoundPage title={titleOf(latest.error ?? figures.error)} />
  return (
    <>
      <TopBar actions={NO_ACTIONS} />
      <main id="main" tabIndex={-1} className="p-8">
        <p className="text-soft">Opening the case…</p>
      </main>
    </>
  )
}

const NO_ACTIONS: [] = []

const titleOf = (error: Error | null) =>
  error instanceof Refusal && (error.status === 404 || error.status === 400)
    ? 'There is no such case in your practice'
    : 'The case cannot be loaded'
