import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { FormField } from '../../account/FormField'
import { problemAt, problemBeside, type Person } from '../../api/client'
import {
  bringBack,
  changePerson,
  dropSecondFactor,
  endSessions,
  endWork,
  peopleQuery,
  sendPasswordLink,
  sentMailQuery,
} from '../../api/people'
import { sessionQuery } from '../../app/session'
import { ConfirmDialog } from '../../ui/ConfirmDialog'
import { RadioChoice } from '../../ui/RadioChoice'
import { TextButton } from '../../ui/TextButton'
import { PasswordLink } from './PasswordLink'
import { ROLE_CHOICES } from './roles'

/** What an owner may do about somebody. */
export function PersonEditor({ person, close }: { person: Person; close: () => void }) {
  const queries = useQueryClient()
  const { id, state } = person
  const [name, setName] = useState(person.name)
  const [role, setRole] = useState(person.role)
  const [asks, setAsks] = useState(false)
  const refresh = () =>
    Promise.all(
      [peopleQuery, sentMailQuery, sessionQuery].map(({ queryKey }) =>
        queries.invalidateQueries({ queryKey }),
      ),
    )
  const acting = useMutation({
    mutationFn: (act: () => Promise<Person>) => act(),
    onSuccess: close,
    onError: () => setAsks(false),
    onSettled: refresh,
  })
  const sending = useMutation({ mutationFn: () => sendPasswordLink(id), onSettled: refresh })
  const ending = useMutation({ mutationFn: () => endSessions(id) })
  const error = acting.error ?? sending.error ?? ending.error
  if (state === 'LEFT') {
    return (
      <p className="mt-3 flex flex-wrap items-center gap-5">
        <button type="button" className="button" onClick={() => acting.mutate(() => bringBack(id))}>
          Let them work here again
        </button>
        <TextButton onClick={close}>Cancel</TextButton>
        {error && (
          <span role="alert" className="field-problem">
            {error.message}
          </span>
        )}
      </p>
    )
  }
  return (
    <form
      aria-label={person.name}
      className="mt-3 max-w-xl"
      onSubmit={(event) => {
        event.preventDefault()
        acting.mutate(() => changePerson(id, name, role))
      }}
    >
      <FormField
        label="Name"
        required
        autoFocus
        autoComplete="off"
        maxLength={100}
        value={name}
        take={setName}
        problem={problemAt(error, '/name')}
      />
      <div className="mt-2">
        <RadioChoice label="What they may do" value={role} choices={ROLE_CHOICES} choose={setRole} />
      </div>
      <p role="alert" className="field-problem">
        {problemBeside(error)}
      </p>
      <p className="mt-3 flex flex-wrap items-center gap-x-5 gap-y-2">
        <button type="submit" className="button" disabled={acting.isPending}>
          Save
        </button>
        <TextButton onClick={close}>Cancel</TextButton>
        <TextButton disabled={sending.isPending} onClick={() => sending.mutate()}>
          New password link
        </TextButton>
        {person.hasSecondFactor && (
          <TextButton onClick={() => acting.mutate(() => dropSecondFactor(id))}>
            Let them in without a code
          </TextButton>
        )}
        <TextButton disabled={ending.isPending} onClick={() => ending.mutate()}>
          {ending.isSuccess ? 'Signed out everywhere' : 'Sign out everywhere'}
        </TextButton>
        <TextButton onClick={() => setAsks(true)}>End their work here</TextButton>
      </p>
      {asks && (
        <ConfirmDialog
          title={`End ${person.name}’s work here?`}
          actWords="End their work"
          act={() => acting.mutate(() => endWork(id))}
          cancel={() => setAsks(false)}
        >
          They are signed out at once and cannot sign in. Their cases stay, with their name, and they can be
          brought back.
        </ConfirmDialog>
      )}
      {sending.data && (
        <div className="mt-3">
          <PasswordLink
            words="Their password stays as it is until they choose another."
            invited={sending.data}
          />
        </div>
      )}
    </form>
  )
}
