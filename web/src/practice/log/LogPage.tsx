import { formatDayAndTime } from '../../format/moment'
import { useInfiniteQuery, useMutation, useQuery } from '@tanstack/react-query'
import { Link } from '@tanstack/react-router'
import { useState } from 'react'
import { logFile, logQuery } from '../../api/log'
import type { LogEntry, LogFilter } from '../../api/client'
import { peopleQuery } from '../../api/people'
import { useIsOwner } from '../../app/session'
import { saveFile } from '../../ui/saveFile'
import { TextButton } from '../../ui/TextButton'
import { PracticeFrame } from '../PracticeFrame'
import { LogFilters } from './LogFilters'
import { said } from './words'
import './log.css'

/** Who read, changed and exported what, and who signed in. */
export function LogPage() {
  const isOwner = useIsOwner()
  return (
    <PracticeFrame title="Log">
      {isOwner ? <Log /> : <p className="text-soft mt-5">The log is for owners.</p>}
    </PracticeFrame>
  )
}

function Log() {
  const [filter, setFilter] = useState<LogFilter>({})
  const people = useQuery(peopleQuery).data ?? []
  const log = useInfiniteQuery(logQuery(filter))
  const saving = useMutation({
    mutationFn: () => logFile(filter),
    onSuccess: ({ contents }) => saveFile('log.csv', contents),
  })
  const entries = log.data?.pages.flatMap((part) => part.entries) ?? []
  const total = log.data?.pages.at(-1)?.total ?? 0
  const error = log.error ?? saving.error
  return (
    <>
      <div className="mt-5 flex flex-wrap items-baseline justify-between gap-x-6">
        <p className="text-soft">
          What was done again within a quarter of an hour is one entry. Entries are kept for two years.
        </p>
        <TextButton disabled={saving.isPending || total === 0} onClick={() => saving.mutate()}>
          Save as CSV
        </TextButton>
      </div>
      <LogFilters
        filter={filter}
        people={people}
        choose={(changed) => setFilter({ ...filter, ...changed })}
      />
      {error && (
        <p role="alert" className="field-problem">
          {error.message}
        </p>
      )}
      {log.data && total === 0 && <p className="text-soft mt-5">Nothing is recorded of this.</p>}
      <ol
        aria-label="Log"
        aria-busy={log.isPlaceholderData}
        className="border-rule mt-3 border-t empty:hidden"
      >
        {entries.map((entry, index) => (
          <li key={index} className="log-line">
            <LogLine entry={entry} />
          </li>
        ))}
      </ol>
      {total > 0 && (
        <p className="note mt-3 ml-0">
          {entries.length < total && `${entries.length} of `}
          {total.toLocaleString('en-US')} {total === 1 ? 'entry' : 'entries'}
          {log.hasNextPage && (
            <>
              {'. '}
              <TextButton disabled={log.isFetching} onClick={() => void log.fetchNextPage()}>
                Show more
              </TextButton>
            </>
          )}
        </p>
      )}
    </>
  )
}

function LogLine({ entry }: { entry: LogEntry }) {
  const { what, subject, beside } = said(entry)
  return (
    <>
      <time dateTime={entry.lastAt} className="text-soft">
        {formatDayAndTime(entry.lastAt)}
      </time>
      <p>
        <span className="font-semibold">{entry.who}</span> {what}{' '}
        {subject !== null && <Subject entry={entry} name={subject} />}
        {beside.map((note) => (
          <span key={note} className="note">
            {note}
          </span>
        ))}
      </p>
    </>
  )
}

function Subject({ entry: { kind, subjectId }, name }: { entry: LogEntry; name: string }) {
  const id = subjectId ?? ''
  if (kind === 'CASE') {
    return (
      <Link to="/cases/$id" params={{ id }} className="text-act font-semibold">
        {name}
      </Link>
    )
  }
  if (kind === 'CLIENT') {
    return (
      <Link to="/clients/$id" params={{ id }} className="text-act font-semibold">
        {name}
      </Link>
    )
  }
  return <span className="font-semibold">{name}</span>
}
