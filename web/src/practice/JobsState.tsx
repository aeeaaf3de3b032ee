import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, dataOf, type JobView } from '../api/client'
import { formatMoment } from '../format/moment'
import { pageLocale } from '../format/pageLocale'

const WORDS: Record<JobView['name'], string> = {
  STANDINGS: 'Cases compared with changed limit sets',
  STATES: 'Earlier states thinned out to one a day after thirty days',
  DELETED_CASES: 'Deleted cases removed after thirty days',
  DELETED_ITEMS: 'Deleted rate tables, limit sets, programmes and templates removed after thirty days',
  LOG: 'Log entries removed after two years',
  MAIL: 'Mail handed to the mail server',
  SESSIONS: 'Ended sessions removed',
  BACKUP: 'Backup of the day',
}

/** What is done beside requests, when it was and whether it failed; for owners. */
export function JobsState() {
  const { data } = useQuery({
    queryKey: ['jobs'],
    queryFn: async ({ signal }) => dataOf(await api.GET('/api/jobs', { signal })),
  })
  const [now] = useState(() => new Date())
  if (!data) return null
  return (
    <details className="mt-8" open={data.some(({ hasFailed }) => hasFailed)}>
      <summary className="heading cursor-pointer">Work in the background</summary>
      <ul className="mt-1">
        {data.map((job) => (
          <li key={job.name} className="border-rule border-b py-2">
            {WORDS[job.name]}
            <span className="text-soft block text-[0.8125rem]">{timesOf(job, now)}</span>
            {job.hasFailed && (
              <span role="alert" className="field-problem block">
                The last try failed, and it is tried again. The log of the installation says why.
              </span>
            )}
          </li>
        ))}
      </ul>
    </details>
  )
}

function timesOf({ lastAt, tookMs, nextAt }: JobView, now: Date): string {
  const next = `next ${formatMoment(nextAt, now)}`
  return lastAt === null || tookMs === null
    ? `Not done yet, ${next}`
    : `Last ${formatMoment(lastAt, now)}, took ${formatSeconds(tookMs)}, ${next}`
}

const formatSeconds = (ms: number) =>
  ms < 100 ? 'under 0.1 s' : `${(ms / 1000).toLocaleString(pageLocale(), { maximumFractionDigits: 1 })} s`
