import { useState } from 'react'
import { FormField } from '../account/FormField'
import { ModalDialog } from '../ui/ModalDialog'
import { TextButton } from '../ui/TextButton'

const MOST_CHARACTERS = 200

type KeepAsTemplateProps = { keep: (name: string) => void; close: () => void }

/** Asks what a template is called: the name of the case would tell whom it was for. */
export function KeepAsTemplate({ keep, close }: KeepAsTemplateProps) {
  const [name, setName] = useState('')
  return (
    <ModalDialog
      title="Keep as a template"
      description="Its loans and costs, for others to begin from. Clients, what options are called and what its hand-out says to them stay out."
      close={close}
    >
      <form
        className="mt-4"
        onSubmit={(event) => {
          event.preventDefault()
          keep(name)
          close()
        }}
      >
        <FormField
          label="Name of the template"
          autoFocus
          required
          autoComplete="off"
          pattern=".*\S.*"
          maxLength={MOST_CHARACTERS}
          value={name}
          take={setName}
        />
        <p className="mt-5 flex items-center gap-5">
          <button type="submit" className="button">
            Keep
          </button>
          <TextButton onClick={close}>Cancel</TextButton>
        </p>
      </form>
    </ModalDialog>
  )
}
