import { useMutation } from '@tanstack/react-query'
import { useState, type ReactNode } from 'react'
import { Refusal } from '../api/client'
import { signIn } from '../api/session'
import { FormField } from './FormField'
import { PasswordField } from './PasswordField'

const CODE_NEEDED = 403

type SignInFormProps = {
  email: string
  /** Told once the server has let them in. */
  signedIn: () => Promise<unknown>
  /** What is asked for before the password. */
  children?: ReactNode
}

/** Asks for the password, and for a code where one is needed, and signs in with them. */
export function SignInForm({ email, signedIn, children }: SignInFormProps) {
  const [password, setPassword] = useState('')
  const [code, setCode] = useState<string | null>(null)
  const signingIn = useMutation({
    mutationFn: () => signIn(email, password, code),
    onSuccess: signedIn,
    onError: (failure) => {
      if (failure instanceof Refusal && failure.status === CODE_NEEDED) setCode((typed) => typed ?? '')
    },
  })
  // That a code is asked for is no fault of whoever signs in: the field says it.
  const isAskedNow = code === ''
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        signingIn.mutate()
      }}
    >
      {children}
      <PasswordField
        label="Password"
        name="password"
        autoComplete="current-password"
        autoFocus={children === undefined}
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
  )
}
