import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { setUpPractice } from '../api/account'
import { problemAt, problemBeside, type NewPractice } from '../api/client'
import { signIn } from '../api/session'
import { ChoiceField } from '../field/ChoiceField'
import { MARKET_NAMES } from '../format/market'
import { timeZonesWith } from '../format/timeZones'
import { FormField } from './FormField'
import { PasswordField } from './PasswordField'
import { OpenPage } from './OpenPage'
import { PASSWORD_HINT } from './passwords'

const EMPTY: NewPractice = {
  code: '',
  practice: '',
  market: 'US',
  timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
  name: '',
  email: '',
  password: '',
}

/** Where the first owner of a practice sets it up, with the code that was printed at the start. */
export function SetUpPage() {
  const [wanted, setWanted] = useState(EMPTY)
  const change = (fields: Partial<NewPractice>) => setWanted({ ...wanted, ...fields })
  const settingUp = useMutation({
    mutationFn: async () => {
      await setUpPractice(wanted)
      await signIn(wanted.email, wanted.password)
      window.location.assign('/')
    },
  })
  const field = (name: 'code' | 'practice' | 'name' | 'email' | 'password') => ({
    required: true,
    value: wanted[name],
    take: (text: string) => change({ [name]: text }),
    problem: problemAt(settingUp.error, `/${name}`),
  })
  return (
    <OpenPage title="Set up a practice">
      <form
        className="mt-5 flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          settingUp.mutate()
        }}
      >
        <FormField
          label="Set-up code"
          hint="Printed when Impendium was started empty. It is good once."
          autoFocus
          autoComplete="off"
          {...field('code')}
        />
        <FormField label="Practice" autoComplete="organization" maxLength={100} {...field('practice')} />
        <div className="grid grid-cols-2 gap-3">
          <ChoiceField
            label="Market"
            value={wanted.market}
            words={MARKET_NAMES}
            choose={(market) => change({ market })}
          />
          <ChoiceField
            label="Time zone"
            value={wanted.timeZone}
            words={timeZonesWith(wanted.timeZone)}
            choose={(timeZone) => change({ timeZone })}
          />
        </div>
        <FormField label="Your name" autoComplete="name" maxLength={100} {...field('name')} />
        <FormField label="Email" type="email" autoComplete="username" {...field('email')} />
        <PasswordField
          label="Password"
          hint={PASSWORD_HINT}
          autoComplete="new-password"
          {...field('password')}
        />
        <p role="alert" className="field-problem">
          {problemBeside(settingUp.error) ?? problemAt(settingUp.error, '/timeZone')}
        </p>
        <button type="submit" className="button" disabled={settingUp.isPending}>
          Set up the practice
        </button>
      </form>
    </OpenPage>
  )
}
