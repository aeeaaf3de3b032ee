import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Refusal, type ClientChanges, type Problem } from '../api/client'
import { AS_ADVISED, askPage } from '../api/clientPage'
import { useWidth } from '../ui/useWidth'
import { useRested } from '../ui/useRested'
import { NoPage } from './NoPage'
import { OpenPage } from './OpenPage'
import { WordForm } from './WordForm'

const REST_MS = 250
/** Widths in between are drawn at the next: a page that is widened slowly does not ask for each pixel. */
const WIDTH_STEP = 20
/** What ends a page that was open: its link is none, has ended, or is closed for a while. */
const CLOSED: readonly number[] = [404, 410, 429]

/** Why the figures do not follow: what is wrong with the changes, or that the server is not reached. The page and what is typed stay. */
const problemOf = (error: Error | null): Problem | null =>
  error === null ? null : error instanceof Refusal ? error.problem : { detail: error.message }

/** What the holder of a link's key is shown: the page, the question for its word, or why there is none. */
export function ClientPage({ linkKey }: { linkKey: string }) {
  const [word, setWord] = useState<string | null>(null)
  const [changes, setChanges] = useState<ClientChanges>(AS_ADVISED)
  const [attach, width] = useWidth()
  const chartWidth = useRested(Math.floor(width / WIDTH_STEP) * WIDTH_STEP, REST_MS)
  const asked = useRested(changes, REST_MS)
  const entrance = { key: linkKey, word }
  const page = useQuery({
    queryKey: ['page', word, asked, chartWidth],
    queryFn: ({ signal }) => askPage(entrance, asked, chartWidth, signal),
    enabled: chartWidth > 0,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })
  const [last, setLast] = useState(page.data)
  if (page.data && page.data !== last) setLast(page.data)

  const status = page.error instanceof Refusal ? page.error.status : null
  const shown = page.data ?? last
  const isClosed = status !== null && CLOSED.includes(status)
  return (
    <div className="client-page">
      <div ref={attach} />
      {status === 401 ? (
        <WordForm
          isWrong={word !== null}
          message={page.error?.message ?? ''}
          isAsking={page.isFetching}
          take={setWord}
        />
      ) : shown && !isClosed ? (
        <OpenPage
          page={shown}
          entrance={entrance}
          changes={changes}
          change={setChanges}
          problem={problemOf(page.error)}
          isFollowing={page.isFetching || asked !== changes}
        />
      ) : page.error ? (
        <NoPage error={page.error} linkKey={linkKey} retry={() => void page.refetch()} />
      ) : (
        <p role="status" className="text-soft p-6">
          Opening your page…
        </p>
      )}
    </div>
  )
}
