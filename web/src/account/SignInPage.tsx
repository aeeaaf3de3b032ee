import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState, type SubmitEvent } from 'react'
import { signIn } from '../api/session'
import { sessionQuery } from '../app/session'

export function SignInPage() {
  const [email, setEmail] = useState('')
  const [password, setPassword] = useState('')
  const queries = useQueryClient()
  const signingIn = useMutation({
    mutationFn: () => signIn(email, password),
    onSuccess: () => queries.resetQueries({ queryKey: sessionQuery.queryKey }),
  })
  const submit = (event: SubmitEvent) => {
    event.preventDefault()
    signingIn.mutate()
  }

  return (
    <main className="grid min-h-dvh content-center justify-items-center p-6">
      <div className="w-full max-w-sm">
        <h1 className="font-figures text-4xl font-semibold">Impendium</h1>
        <p className="text-soft font-figures mt-2 text-lg leading-snug">
          What a home loan costs, from the first payment to the last, to the cent.
        </p>
        <form className="mt-8 flex flex-col gap-4" onSubmit={submit}>
          <label className="font-medium">
            Email
            <input
              className="field mt-1"
              type="email"
              name="email"
              autoComplete="username"
              autoFocus
              required
              value={email}
              onChange={(event) => setEmail(event.target.value)}
            />
          </label>
          <label className="font-medium">
            Password
            <input
              className="field mt-1"
              type="password"
              name="password"
              autoComplete="current-password"
              required
              value={password}
              onChange={(event) => setPassword(event.target.value)}
            />
          </label>
          <p role="alert" className="field-problem min-h-5">
            {signingIn.error?.message}
          </p>
          <button type="submit" className="button" disabled={signingIn.isPending}>
            {signingIn.isPending ? 'Signing in…' : 'Sign in'}
          </button>
        </form>
      </div>
    </main>
  )
}
