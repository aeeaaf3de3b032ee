import { MutationCache, QueryCache, QueryClient } from '@tanstack/react-query'
import { Refusal } from '../api/client'
import { useLostSession } from './lostSession'
import { sessionQuery } from './session'

const MOST_RETRIES = 2

/** The client of all server state. A lost session anywhere has whoever works here sign in again. */
export function createQueries(): QueryClient {
  const onError = (error: Error) => {
    const isWorking = queries.getQueryData(sessionQuery.queryKey) != null
    if (isWorking && error instanceof Refusal && error.status === 401) useLostSession.getState().lose()
  }
  const queries: QueryClient = new QueryClient({
    queryCache: new QueryCache({ onError }),
    mutationCache: new MutationCache({ onError }),
    defaultOptions: {
      // A question without a connection is to fail at once, not to wait unseen for one.
      mutations: { networkMode: 'always' },
      queries: {
        networkMode: 'always',
        retry: (failures, error) => !(error instanceof Refusal) && failures < MOST_RETRIES,
      },
    },
  })
  return queries
}
