import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { installationQuery } from '../api/account'
import { sessionQuery } from '../app/session'
import { FormField } from './FormField'
import { SignInForm } from './SignInForm'

export function SignInPage() {
  const [email, setEmail] = useState('')
  const queries = useQueryClient()
  const installation = useQuery(installationQuery)
  return (
    <main className="grid min-h-dvh content-center justify-items-center p-6">
      <div className="w-full max-w-sm">
        <h1 className="font-figures text-4xl font-semibold">Impendium</h1>
        <p className="text-soft font-figures mt-2 text-lg leading-snug">
          What a home loan costs, from the first payment to the last, to the cent.
        </p>
        {installation.data?.isEmpty && (
          <p className="mt-6">
            No practice is set up here yet.{' '}
            <a href="/set-up" className="text-act font-semibold">
              Set up the first one
            </a>
          </p>
        )}
        <div className="mt-8">
          <SignInForm
            email={email}
            signedIn={() => queries.resetQueries({ queryKey: sessionQuery.queryKey })}
          >
            <FormField
              label="Email"
              type="email"
              name="email"
              autoComplete="username"
              autoFocus
              required
              value={email}
              take={setEmail}
            />
          </SignInForm>
        </div>
      </div>
    </main>
  )
}
