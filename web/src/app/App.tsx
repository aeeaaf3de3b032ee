import { QueryClientProvider } from '@tanstack/react-query'
import { RouterProvider } from '@tanstack/react-router'
import { lazy, Suspense, useState, type ComponentType } from 'react'
import { useLostSession } from './lostSession'
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

/** What is shown whoever is signed in. */
const OPEN_PAGES: Partial<Record<string, ComponentType>> = {
  '/password': lazy(async () => ({
    default: (await import('../account/ChoosePasswordPage')).ChoosePasswordPage,
  })),
  '/set-up': lazy(async () => ({ default: (await import('../account/SetUpPage')).SetUpPage })),
}

/** Whoever is signed in already needs none of it. */
const SignInPage = lazy(async () => ({ default: (await import('../account/SignInPage')).SignInPage }))

const SignInAgain = lazy(async () => ({ default: (await import('../account/SignInAgain')).SignInAgain }))

/** Nothing of a practice is shown before someone has signed in to it. */
function Gate() {
  const OpenPage = OPEN_PAGES[window.location.pathname]
  return OpenPage ? (
    <Suspense>
      <OpenPage />
    </Suspense>
  ) : (
    <SignedIn />
  )
}

function SignedIn() {
  const session = useSessionQuery()
  const { isLost } = useLostSession()
  if (session.isPending) return null
  if (session.isError)
    return <TroubledPage title="Cannot reach Impendium" retry={() => void session.refetch()} />
  if (session.data === null) {
    return (
      <Suspense>
        <SignInPage />
      </Suspense>
    )
  }
  return (
    <SessionContext value={session.data}>
      <RouterProvider router={router} />
      {isLost && (
        <Suspense>
          <SignInAgain />
        </Suspense>
      )}
    </SessionContext>
  )
}
