import { useMutation } from '@tanstack/react-query'
import { useId, useState } from 'react'
import { setUpPractice } from '../api/account'
import { problemAt, problemBeside, type NewPractice } from '../api/client'
import { signIn } from '../api/session'
import { MARKETS, type Market } from '../format/market'
import { FormField } from './FormField'
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
  const id = useId()
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
          <Choice
            id={`${id}-market`}
            label="Market"
            value={wanted.market}
            choices={Object.entries(MARKETS).map(([market, { name }]) => [market, name])}
            take={(market) => change({ market: market as Market })}
          />
          <Choice
            id={`${id}-zone`}
            label="Time zone"
            value={wanted.timeZone}
            choices={withOwn(wanted.timeZone).map((zone) => [zone, zone])}
            take={(timeZone) => change({ timeZone })}
          />
        </div>
        <FormField label="Your name" autoComplete="name" maxLength={100} {...field('name')} />
        <FormField label="Email" type="email" autoComplete="username" {...field('email')} />
        <FormField
          label="Password"
          hint={PASSWORD_HINT}
          type="password"
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

const withOwn = (own: string) => {
  const zones = Intl.supportedValuesOf('timeZone')
  return zones.includes(own) ? zones : [own, ...zones]
}

type ChoiceProps = {
  id: string
  label: string
  value: string
  choices: readonly (readonly [value: string, words: string])[]
  take: (value: string) => void
}

function Choice({ id, label, value, choices, take }: ChoiceProps) {
  return (
    <div>
      <label htmlFor={id} className="font-medium">
        {label}
      </label>
      <select id={id} className="field mt-1" value={value} onChange={(event) => take(event.target.value)}>
        {choices.map(([each, words]) => (
          <option key={each} value={each}>
            {words}
          </option>
        ))}
      </select>
    </div>
  )
}
