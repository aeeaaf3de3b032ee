import './history.css'
import { useInfiniteQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import type { CaseDocument, StateView } from '../../api/client'
import { historyQuery } from '../../api/history'
import { TextButton } from '../../ui/TextButton'
import { formatDayOf } from '../../format/moment'
import { useOpenCase } from '../CaseContext'
import { useSavedRevision } from '../saving/useSavedRevision'
import { StateLine } from './StateLine'

/** Every saved state of the case by its day: who, when, and what changed. */
export function HistoryView() {
  const { id } = useOpenCase()
  const revision = useSavedRevision()
  const queries = useQueryClient()
  const history = useInfiniteQuery(historyQuery(id))
  useEffect(() => {
    // What is saved while one looks stands first at once.
    if (revision !== null) void queries.invalidateQueries({ queryKey: historyQuery(id).queryKey })
  }, [revision, id, queries])
  if (history.error) {
    return (
      <p role="alert" className="field-problem">
        {history.error.message}
      </p>
    )
  }
  if (!history.data) return <p className="text-soft">Loading the history…</p>
  const parts = history.data.pages
  const total = parts[0]?.total ?? 0
  const states = parts.flatMap((part) => part.states)
  const last = parts.at(-1)?.before ?? null
  const latest = states.find(({ gaveWay }) => !gaveWay)
  return (
    <>
      <p className="sentence" data-testid="answer">
        {total === 1 ? 'Saved once' : `Saved ${total.toLocaleString('en-US')} times`}
        {latest && `, last by ${latest.savedBy}`}.
      </p>
      <p className="text-soft mt-2 max-w-2xl">
        What is brought back becomes a new state, and Undo takes it back. After 30 days the last state of each
        day is kept; those with a name, and those that were handed out, are kept for good.
      </p>
      {daysOf(states).map(({ day, lines }) => (
        <section key={day} className="mt-6" aria-labelledby={`day-${day}`}>
          <h2 id={`day-${day}`} className="heading">
            {day}
          </h2>
          <ol className="border-rule mt-1 border-t">
            {lines.map(({ state, index }) => (
              <StateLine
                key={state.id}
                state={state}
                before={beforeOf(states, index, last)}
                isLatest={state.id === latest?.id}
              />
            ))}
          </ol>
        </section>
      ))}
      {history.hasNextPage && (
        <p className="mt-4">
          <TextButton disabled={history.isFetchingNextPage} onClick={() => void history.fetchNextPage()}>
            Earlier states
          </TextButton>
        </p>
      )}
    </>
  )
}

type Day = { day: string; lines: { state: StateView; index: number }[] }

function daysOf(states: readonly StateView[]): Day[] {
  const days: Day[] = []
  states.forEach((state, index) => {
    const day = formatDayOf(state.savedAt)
    const open = days.at(-1)
    if (open?.day === day) open.lines.push({ state, index })
    else days.push({ day, lines: [{ state, index }] })
  })
  return days
}

/** What the case said before a state: those that gave way never were the case's. */
function beforeOf(
  states: readonly StateView[],
  index: number,
  last: CaseDocument | null,
): CaseDocument | null {
  return states.slice(index + 1).find(({ gaveWay }) => !gaveWay)?.document ?? last
}
