import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useId, useState } from 'react'
import { addressOf, clientLinksQuery, makeClientLink } from '../../api/clientLinks'
import { Refusal } from '../../api/client'
import { CopyButton } from '../../ui/CopyButton'
import { useOpenCase } from '../CaseContext'
import { useSavedRevision } from '../saving/useSavedRevision'
import { useHandoutQuestion } from './useHandoutQuestion'

const USUAL_DAYS = 30
const MOST_DAYS = 365

const inDays = (days: number) => {
  const day = new Date()
  day.setDate(day.getDate() + days)
  return new Intl.DateTimeFormat('en-CA').format(day)
}

/** Makes a link to a page with what the hand-out says: until when, and with which word to type. */
export function MakeClientLink() {
  const { id } = useOpenCase()
  const { titles } = useHandoutQuestion()
  const revision = useSavedRevision()
  const queries = useQueryClient()
  const [endsOn, setEndsOn] = useState(() => inDays(USUAL_DAYS))
  const [word, setWord] = useState('')
  const place = useId()
  const making = useMutation({
    mutationFn: (seen: number) =>
      makeClientLink(id, seen, { titles: [...titles], endsOn, word: word.trim() || null }),
    onSuccess: () => setWord(''),
    onSettled: () => queries.invalidateQueries({ queryKey: clientLinksQuery(id).queryKey }),
  })
  const links = useQuery(clientLinksQuery(id)).data
  const made = making.data
  const isEnded = links?.some((link) => link.id === made?.link.id && !link.isOpen)
  const address = made && !isEnded && addressOf(made.key)
  return (
    <form
      className="mt-1"
      onSubmit={(event) => {
        event.preventDefault()
        if (revision !== null) making.mutate(revision)
      }}
    >
      <p className="text-soft">
        The sections above in the client’s browser. They can try how long they keep it, the rate and an extra
        payment, and write back.
      </p>
      <div className="mt-2 grid grid-cols-[9.75rem_minmax(0,1fr)] gap-3">
        <label htmlFor={`${place}-day`} className="font-medium">
          Until
          <input
            id={`${place}-day`}
            type="date"
            className="field mt-1"
            required
            min={inDays(0)}
            max={inDays(MOST_DAYS)}
            value={endsOn}
            onChange={(event) => setEndsOn(event.target.value)}
          />
        </label>
        <label htmlFor={`${place}-word`} className="font-medium">
          Word to type
          <input
            id={`${place}-word`}
            className="field mt-1"
            placeholder="none"
            autoComplete="off"
            minLength={4}
            maxLength={60}
            value={word}
            onChange={(event) => setWord(event.target.value)}
          />
        </label>
      </div>
      <button type="submit" className="button mt-3" disabled={revision === null || making.isPending}>
        Make a link
      </button>
      {making.error && (
        <p role="alert" className="field-problem">
          {making.error instanceof Refusal
            ? (making.error.problem.fields?.[0]?.message ?? making.error.message)
            : making.error.message}
        </p>
      )}
      {address && (
        <div className="mt-3" role="status">
          <p className="field truncate" data-testid="client-address">
            {address}
          </p>
          <p className="text-soft mt-1 text-[0.8125rem]">
            Shown this once: send it to the client now. <CopyButton label="Copy" text={() => address} />
          </p>
        </div>
      )}
    </form>
  )
}
