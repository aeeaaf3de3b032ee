import { useMutation } from '@tanstack/react-query'
import { useId, useState } from 'react'
import type { ClientChanges } from '../api/client'
import { sendNote, type Entrance } from '../api/clientPage'
import { keepNoteDraft, noteDraft } from './noteDraft'

const MOST_CHARACTERS = 2000

type NoteFormProps = { entrance: Entrance; changes: ClientChanges; to: string }

/** Where a client writes back. What they changed on the page goes with it. */
export function NoteForm({ entrance, changes, to }: NoteFormProps) {
  const [words, setWords] = useState(() => noteDraft(entrance.key))
  const write = (text: string) => {
    keepNoteDraft(entrance.key, text)
    setWords(text)
  }
  const id = useId()
  const sending = useMutation({
    mutationFn: () => sendNote(entrance, printable(words), changes),
    onSuccess: () => write(''),
  })
  const isChanged = Object.values(changes).some((each) => each !== null)
  return (
    <form
      className="mt-10"
      onSubmit={(event) => {
        event.preventDefault()
        sending.mutate()
      }}
    >
      <label htmlFor={id} className="font-figures block text-xl font-medium">
        Write to {to}
      </label>
      <p id={`${id}-hint`} className="text-soft mt-1 text-[0.8125rem]">
        {isChanged ? 'What you changed above goes with your note.' : 'A question, or what you have decided.'}
      </p>
      <textarea
        id={id}
        className="field mt-2 field-sizing-content min-h-24"
        aria-describedby={`${id}-hint`}
        maxLength={MOST_CHARACTERS}
        required
        value={words}
        onChange={(event) => {
          sending.reset()
          write(event.target.value)
        }}
      />
      <div className="mt-2 flex flex-wrap items-center gap-4">
        <button type="submit" className="button" disabled={sending.isPending}>
          Send the note
        </button>
        <p role="status">{sending.isSuccess && 'Sent. Your advisor sees it with your case.'}</p>
        {sending.error && (
          <p role="alert" className="field-problem">
            {sending.error.message}
          </p>
        )}
      </div>
    </form>
  )
}

/** What is pasted may hold signs that cannot be printed. */
const printable = (text: string) => text.replace(/[^\P{Cc}\n]/gu, ' ')
