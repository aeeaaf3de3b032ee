import { useMutation, useQueryClient } from '@tanstack/react-query'
import { accountQuery, endOtherSessions, endSession } from '../api/account'
import type { SessionLine } from '../api/client'
import { formatMoment } from '../format/moment'
import { TextButton } from '../ui/TextButton'
import { browserWords } from './browserWords'

/** Where one is signed in, each ended from here. */
export function SessionList({ sessions }: { sessions: readonly SessionLine[] }) {
  const queries = useQueryClient()
  const ending = useMutation({
    mutationFn: (id: string | null) => (id === null ? endOtherSessions() : endSession(id)),
    onSettled: () => queries.invalidateQueries({ queryKey: accountQuery.queryKey }),
  })
  return (
    <section aria-labelledby="sessions" className="mid:col-span-2">
      <h2 id="sessions" className="text-base font-semibold">
        Where you are signed in
      </h2>
      <p className="text-soft">Each ends after half a day unused, and after a day in any case.</p>
      <ul className="border-rule mt-2 border-t">
        {sessions.map(({ id, browser, address, startedAt, lastUsedAt, isThis }) => (
          <li
            key={id}
            className="border-rule flex flex-wrap items-baseline justify-between gap-x-6 border-b py-2"
          >
            <span>
              {browserWords(browser)}
              <span className="note">{address}</span>
              <span className="text-soft block text-[0.8125rem]">
                since {formatMoment(startedAt, new Date())}, last used {formatMoment(lastUsedAt, new Date())}
              </span>
            </span>
            {isThis ? (
              <span className="text-soft">this one</span>
            ) : (
              <TextButton onClick={() => ending.mutate(id)}>
                End<span className="sr-only"> the session of {browserWords(browser)}</span>
              </TextButton>
            )}
          </li>
        ))}
      </ul>
      {ending.error && (
        <p role="alert" className="field-problem">
          {ending.error.message}
        </p>
      )}
      {sessions.length > 1 && (
        <p className="mt-3">
          <TextButton onClick={() => ending.mutate(null)}>End all others</TextButton>
        </p>
      )}
    </section>
  )
}
