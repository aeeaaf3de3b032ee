import { QueryClientProvider } from '@tanstack/react-query'
import { RouterProvider } from '@tanstack/react-router'
import { useState } from 'react'
import { SignInPage } from '../account/SignInPage'
import { createQueries } from './queries'
import { router } from './router'
import { SessionContext, useSessionQuery } from './session'
import { TroubledPage } from './TroubledPage'

export function App() {
  const [queries] = useState(createQueries)
  return (
    <QueryClientProvider client={queries}>
      <Gate />
    </QueryClientProvider>
  )
}

/** Nothing of a practice is shown before someone has signed in to it. */
function Gate() {
  const session = useSessionQuery()
  if (session.isPending) return null
  if (session.isError)
    return <TroubledPage title="Cannot reach Impendium" retry={() => void session.refetch()} />
  if (session.data === null) return <SignInPage />
  return (
    <SessionContext value={session.data}>
      <RouterProvider router={router} />
    </SessionContext>
  )
}
