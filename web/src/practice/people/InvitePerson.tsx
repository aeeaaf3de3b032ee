import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { FormField } from '../../account/FormField'
import { problemAt, problemBeside, type Role } from '../../api/client'
import { invite, peopleQuery, sentMailQuery } from '../../api/people'
import { RadioChoice } from '../../ui/RadioChoice'
import { TextButton } from '../../ui/TextButton'
import { PasswordLink } from './PasswordLink'
import { ROLE_CHOICES } from './roles'

/** Adds somebody, and shows the link by which they choose their password. */
export function InvitePerson({ close }: { close: () => void }) {
  const queries = useQueryClient()
  const [name, setName] = useState('')
  const [email, setEmail] = useState('')
  const [role, setRole] = useState<Role>('ADVISOR')
  const inviting = useMutation({
    mutationFn: () => invite(name, email, role),
    onSuccess: () =>
      Promise.all([
        queries.invalidateQueries({ queryKey: peopleQuery.queryKey }),
        queries.invalidateQueries({ queryKey: sentMailQuery.queryKey }),
      ]),
  })
  if (inviting.data) {
    return (
      <section aria-label="Invite somebody" className="mt-4">
        <PasswordLink words={`${inviting.data.person.name} is invited.`} invited={inviting.data} />
        <p className="mt-2">
          <TextButton onClick={close}>Done</TextButton>
        </p>
      </section>
    )
  }
  return (
    <form
      aria-label="Invite somebody"
      className="mt-4 max-w-xl"
      onSubmit={(event) => {
        event.preventDefault()
        inviting.mutate()
      }}
    >
      <div className="mid:grid-cols-2 grid gap-x-4">
        <FormField
          label="Name"
          autoFocus
          required
          autoComplete="off"
          maxLength={100}
          value={name}
          take={setName}
          problem={problemAt(inviting.error, '/name')}
        />
        <FormField
          label="Email"
          type="email"
          required
          autoComplete="off"
          value={email}
          take={setEmail}
          problem={problemAt(inviting.error, '/email')}
        />
      </div>
      <div className="mt-2">
        <RadioChoice label="What they may do" value={role} choices={ROLE_CHOICES} choose={setRole} />
      </div>
      <p role="alert" className="field-problem">
        {problemBeside(inviting.error)}
      </p>
      <p className="mt-3 flex items-center gap-5">
        <button type="submit" className="button" disabled={inviting.isPending}>
          Invite
        </button>
        <TextButton onClick={close}>Cancel</TextButton>
      </p>
    </form>
  )
}
