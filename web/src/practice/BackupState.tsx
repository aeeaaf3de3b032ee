import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, dataOf } from '../api/client'
import { formatMoment } from '../format/moment'

const LATE_HOURS = 36
const HOUR_MS = 3_600_000

/** When what the practice works on was last backed up; for owners. */
export function BackupState() {
  const { data } = useQuery({
    queryKey: ['backups'],
    queryFn: async ({ signal }) => dataOf(await api.GET('/api/backups', { signal })),
  })
  const [now] = useState(() => new Date())
  if (!data) return null
  const { isOn, lastSuccessAt, problem } = data
  const isLate = lastSuccessAt !== null && now.getTime() - Date.parse(lastSuccessAt) > LATE_HOURS * HOUR_MS
  return (
    <section className="mt-8" aria-labelledby="backup">
      <h2 id="backup" className="heading">
        Backup
      </h2>
      <p className="mt-1">
        {lastSuccessAt === null
          ? 'None was made yet. '
          : `The last was made ${formatMoment(lastSuccessAt, now)}. `}
        <span className="text-soft">
          {isOn
            ? 'One is made each night, or as soon as the machine is on.'
            : 'Nightly backups are not set up here.'}
        </span>
      </p>
      {(problem !== null || isLate) && (
        <p role="alert" className="field-problem">
          {problem === null
            ? 'That is long ago: have whoever runs Impendium look.'
            : `The last try failed: ${problem}`}
        </p>
      )}
    </section>
  )
}
