import { useState } from 'react'
import { FormField } from '../account/FormField'
import { problemAt } from '../api/client'
import { useIsOwner } from '../app/session'

const MOST_CHARACTERS = 100

type PracticeNameProps = {
  name: string
  /** Why the name last typed was refused. */
  error: Error | null
  isSaving: boolean
  rename: (name: string, renamed: () => void) => void
}

/** What the practice is called: in invitations, on client pages and hand-outs without a letterhead of their own. */
export function PracticeName({ name, error, isSaving, rename }: PracticeNameProps) {
  const isOwner = useIsOwner()
  const [typed, setTyped] = useState<string | null>(null)
  if (!isOwner) {
    return (
      <section className="mt-6">
        <h2 className="heading">Name</h2>
        <p>{name}</p>
      </section>
    )
  }
  return (
    <form
      className="mt-6 max-w-xl"
      aria-label="Name of the practice"
      onSubmit={(event) => {
        event.preventDefault()
        if (typed !== null) rename(typed, () => setTyped(null))
      }}
    >
      <FormField
        label="Name"
        required
        autoComplete="organization"
        maxLength={MOST_CHARACTERS}
        value={typed ?? name}
        take={setTyped}
        problem={problemAt(error, '/name')}
      />
      <button
        type="submit"
        className="button mt-2"
        disabled={isSaving || typed === null || typed.trim() === name}
      >
        Save name
      </button>
    </form>
  )
}
