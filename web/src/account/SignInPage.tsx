import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type SubmitEvent } from 'react'
import { installationQuery } from '../api/account'
import { Refusal } from '../api/client'
import { signIn } from '../api/session'
import { sessionQuery } from '../app/session'
import { FormField } from './FormField'
import { PasswordField } from './PasswordField'

const CODE_NEEDED = 403

export function SignInPage() {
  const [email, setEmail] = useState('')
  const [password, setPassword] = useState('')
  const [code, setCode] = useState<string | null>(null)
  const queries = useQueryClient()
  const installation = useQuery(installationQuery)
  const signingIn = useMutation({
    mutationFn: () => signIn(email, password, code),
    onSuccess: () => queries.resetQueries({ queryKey: sessionQuery.queryKey }),
    onError: (failure) => {
      if (failure instanceof Refusal && failure.status === CODE_NEEDED) setCode((typed) => typed ?? '')
    },
  })
  const submit = (event: SubmitEvent) => {
    event.preventDefault()
    signingIn.mutate()
  }
  // That a code is asked for is no fault of whoever signs in: the field says it.
  const isAskedNow = code === ''

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
        <form className="mt-8 flex flex-col gap-3" onSubmit={submit}>
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
          <PasswordField
            label="Password"
            name="password"
            autoComplete="current-password"
            required
            value={password}
            take={setPassword}
          />
          {code !== null && (
            <FormField
              label="Code"
              hint="The one that your app shows now, or a recovery code."
              name="code"
              autoComplete="one-time-code"
              autoFocus
              required
              maxLength={30}
              value={code}
              take={setCode}
            />
          )}
          <p role="alert" className="field-problem min-h-5">
            {!isAskedNow && signingIn.error?.message}
          </p>
          <button type="submit" className="button" disabled={signingIn.isPending}>
            {signingIn.isPending ? 'Signing in…' : 'Sign in'}
          </button>
        </form>
      </div>
    </main>
  )
}
