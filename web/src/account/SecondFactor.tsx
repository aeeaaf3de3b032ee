import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { accountQuery, confirmSecondFactor, proposeSecondFactor, removeSecondFactor } from '../api/account'
import { problemAt, problemBeside, type AccountView } from '../api/client'
import { TextButton } from '../ui/TextButton'
import { AppCode } from './AppCode'
import { FormField } from './FormField'
import { RecoveryCodes } from './RecoveryCodes'

/** A code beside the password: set up with an app, and given up again. */
export function SecondFactor({ account }: { account: AccountView }) {
  const queries = useQueryClient()
  const { hasSecondFactor, recoveryCodesLeft } = account
  const [password, setPassword] = useState('')
  const refresh = () => queries.invalidateQueries({ queryKey: accountQuery.queryKey })
  const forget = () => setPassword('')
  const proposing = useMutation({ mutationFn: () => proposeSecondFactor(password), onSuccess: forget })
  const confirming = useMutation({ mutationFn: confirmSecondFactor, onSuccess: refresh })
  const removing = useMutation({
    mutationFn: () => removeSecondFactor(password),
    onSuccess: () => {
      forget()
      return refresh()
    },
  })
  const error = proposing.error ?? removing.error
  return (
    <section aria-labelledby="second-factor" className="flex flex-col gap-2">
      <h2 id="second-factor" className="text-base font-semibold">
        Code when signing in
      </h2>
      {confirming.data ? (
        <RecoveryCodes
          codes={confirming.data.codes}
          done={() => {
            confirming.reset()
            proposing.reset()
          }}
        />
      ) : proposing.data ? (
        <AppCode
          proposed={proposing.data}
          confirm={(code) => confirming.mutate(code)}
          problem={problemAt(confirming.error, '/code') ?? problemBeside(confirming.error)}
          cancel={() => proposing.reset()}
        />
      ) : (
        <form
          className="flex flex-col gap-2"
          onSubmit={(event) => {
            event.preventDefault()
            proposing.mutate()
          }}
        >
          <p className="text-soft">
            {hasSecondFactor
              ? `An app tells you a code. ${recoveryCodesLeft} of 8 recovery codes are left.`
              : 'An app on your telephone tells a code that changes every 30 seconds. A password alone is then of no use to anybody else.'}
          </p>
          <FormField
            label="Your password"
            type="password"
            autoComplete="current-password"
            required
            value={password}
            take={setPassword}
            problem={problemAt(error, '/password')}
          />
          <p role="alert" className="field-problem">
            {problemBeside(error)}
          </p>
          <p className="flex flex-wrap items-center gap-5">
            <button type="submit" className="button" disabled={proposing.isPending}>
              {hasSecondFactor ? 'Use another app' : 'Set it up'}
            </button>
            {hasSecondFactor && (
              <TextButton disabled={password === ''} onClick={() => removing.mutate()}>
                Sign in without a code
              </TextButton>
            )}
          </p>
        </form>
      )}
    </section>
  )
}
