import { queryOptions, useQuery } from '@tanstack/react-query'
import { createContext, useContext } from 'react'
import type { Session } from '../api/client'
import { currentSession } from '../api/session'
import { claimDesk } from '../casefile/desk'
import { MARKETS } from '../format/market'
import { writePagesAs } from '../format/pageLocale'

export const sessionQuery = queryOptions({
  queryKey: ['session'],
  queryFn: async () => {
    const session = await currentSession()
    if (session) {
      claimDesk(session.email)
      writePagesAs({ locale: MARKETS[session.market].locale, timeZone: session.timeZone })
    }
    return session
  },
  staleTime: Infinity,
})

export const useSessionQuery = () => useQuery(sessionQuery)

export const SessionContext = createContext<Session | null>(null)

/** Whether who is signed in decides for the practice. */
export const useIsOwner = () => useSession().role === 'OWNER'

/** Who is signed in; only for what is shown to signed-in people. */
export function useSession(): Session {
  const session = useContext(SessionContext)
  if (!session) throw new Error('useSession needs a SessionContext above it')
  return session
}
