import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { accountQuery, changePassword } from '../api/account'
import { problemAt, problemBeside } from '../api/client'
import { PasswordField } from './PasswordField'
import { PASSWORD_HINT } from './passwords'

/** Changes one's password; one's other sessions end. */
export function ChangePassword() {
  const queries = useQueryClient()
  const [current, setCurrent] = useState('')
  const [password, setPassword] = useState('')
  const changing = useMutation({
    mutationFn: () => changePassword(current, password),
    onSuccess: () => {
      setCurrent('')
      setPassword('')
      return queries.invalidateQueries({ queryKey: accountQuery.queryKey })
    },
  })
  const { isSuccess, reset } = changing
  return (
    <form
      aria-labelledby="change-password"
      // The next password is not changed yet.
      onChange={() => isSuccess && reset()}
      className="flex flex-col gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        changing.mutate()
      }}
    >
      <h2 id="change-password" className="text-base font-semibold">
        Password
      </h2>
      <PasswordField
        label="Present password"
        autoComplete="current-password"
        required
        value={current}
        take={setCurrent}
        problem={problemAt(changing.error, '/current')}
      />
      <PasswordField
        label="New password"
        hint={PASSWORD_HINT}
        autoComplete="new-password"
        required
        value={password}
        take={setPassword}
        problem={problemAt(changing.error, '/password')}
      />
      <p role="alert" className="field-problem">
        {problemBeside(changing.error)}
      </p>
      <p className="flex flex-wrap items-center gap-4">
        <button type="submit" className="button" disabled={changing.isPending}>
          Change password
        </button>
        <span role="status" className="text-soft">
          {isSuccess ? 'Changed. Your other sessions have ended.' : ''}
        </span>
      </p>
    </form>
  )
}
