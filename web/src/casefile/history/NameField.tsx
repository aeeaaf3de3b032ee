import { useState } from 'react'
import { FormField } from '../../account/FormField'
import { problemAt, problemBeside } from '../../api/client'
import { TextButton } from '../../ui/TextButton'

type NameFieldProps = {
  name: string | null
  keep: (name: string | null) => void
  error: Error | null
  cancel: () => void
}

/** Gives a state a name, or takes it away. */
export function NameField({ name, keep, error, cancel }: NameFieldProps) {
  const [text, setText] = useState(name ?? '')
  return (
    <form
      className="mt-2 max-w-md"
      onSubmit={(event) => {
        event.preventDefault()
        keep(text.trim() || null)
      }}
    >
      <FormField
        label="Name of this state"
        placeholder="As sent to the lender"
        autoFocus
        autoComplete="off"
        maxLength={80}
        value={text}
        take={setText}
        problem={problemAt(error, '/name') ?? problemBeside(error)}
      />
      <p className="mt-2 flex items-center gap-5">
        <button type="submit" className="button">
          Keep
        </button>
        <TextButton onClick={cancel}>Cancel</TextButton>
      </p>
    </form>
  )
}
