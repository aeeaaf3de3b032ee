import { useMutation, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { problemAt, problemBeside } from '../api/client'
import { choosePassword, receiverOf } from '../api/people'
import { signIn } from '../api/session'
import { FormField } from './FormField'
import { PasswordField } from './PasswordField'
import { OpenPage } from './OpenPage'
import { PASSWORD_HINT } from './passwords'

/** Where somebody invited, or who lost their password, chooses one by a link. */
export function ChoosePasswordPage() {
  const [key] = useState(() => window.location.hash.slice(1))
  const receiver = useQuery({
    queryKey: ['password-link'],
    queryFn: () => receiverOf(key),
    retry: false,
    staleTime: Infinity,
  })
  const [password, setPassword] = useState('')
  const choosing = useMutation({
    mutationFn: async (email: string) => {
      await choosePassword(key, password)
      // Whoever has an app that tells codes signs in with one.
      await signIn(email, password).catch(() => undefined)
      window.location.assign('/')
    },
  })
  if (receiver.isPending) return null
  if (receiver.isError) {
    return (
      <OpenPage title="Choose your password">
        <p role="alert" className="mt-4">
          {receiver.error.message}
        </p>
      </OpenPage>
    )
  }
  const { name, email, practice } = receiver.data
  return (
    <OpenPage title="Choose your password">
      <p className="text-soft mt-2">
        {name}, {practice}
      </p>
      <form
        className="mt-6 flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          choosing.mutate(email)
        }}
      >
        <FormField
          label="Email"
          type="email"
          autoComplete="username"
          readOnly
          value={email}
          take={() => undefined}
        />
        <PasswordField
          label="Password"
          hint={PASSWORD_HINT}
          autoComplete="new-password"
          autoFocus
          required
          value={password}
          take={setPassword}
          problem={problemAt(choosing.error, '/password')}
        />
        <p role="alert" className="field-problem">
          {problemBeside(choosing.error)}
        </p>
        <button type="submit" className="button" disabled={choosing.isPending}>
          Keep it and sign in
        </button>
      </form>
    </OpenPage>
  )
}
