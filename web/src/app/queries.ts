import { MutationCache, QueryCache, QueryClient } from '@tanstack/react-query'
import { Refusal } from '../api/client'
import { sessionQuery } from './session'

const MOST_RETRIES = 2

/** The client of all server state. A lost session anywhere leads back to signing in. */
export function createQueries(): QueryClient {
  const onError = (error: Error) => {
    if (error instanceof Refusal && error.status === 401) queries.setQueryData(sessionQuery.queryKey, null)
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
