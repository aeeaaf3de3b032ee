import { QueryClientProvider } from '@tanstack/react-query'
import { RouterProvider } from '@tanstack/react-router'
import { useState } from 'react'
import { SignInPage } from '../account/SignInPage'
import { createQueries } from './queries'
import { router } from './router'
import { SessionContext, useSessionQuery } from './session'

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
  if (session.isError) return <Unreachable retry={() => void session.refetch()} />
  if (session.data === null) return <SignInPage />
  return (
    <SessionContext value={session.data}>
      <RouterProvider router={router} />
    </SessionContext>
  )
}

function Unreachable({ retry }: { retry: () => void }) {
  return (
    <main className="grid min-h-dvh place-content-center justify-items-center gap-4 p-6 text-center">
      <h1 className="font-figures text-2xl">Cannot reach Impendium</h1>
      <p className="text-soft">There is no connection to the server. What you typed is kept in this tab.</p>
      <button type="button" className="button" onClick={retry}>
        Try again
      </button>
    </main>
  )
}
