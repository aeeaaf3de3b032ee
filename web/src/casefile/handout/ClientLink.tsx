import { useMutation, useQueryClient } from '@tanstack/react-query'
import type { ClientLinkView } from '../../api/client'
import { clientLinksQuery, endClientLink, showOnClientLink } from '../../api/clientLinks'
import { formatDay } from '../../format/date'
import { formatMoment } from '../../format/moment'
import { TextButton } from '../../ui/TextButton'
import { useOpenCase } from '../CaseContext'
import { useSavedRevision } from '../saving/useSavedRevision'
import { ClientNote } from './ClientNote'
import { useHandoutQuestion } from './useHandoutQuestion'

/** A link to a client's page: until when, how it was used, and what came back. */
export function ClientLink({ link }: { link: ClientLinkView }) {
  const { id: caseId, locale } = useOpenCase()
  const { titles } = useHandoutQuestion()
  const revision = useSavedRevision()
  const queries = useQueryClient()
  const onSettled = () => queries.invalidateQueries({ queryKey: clientLinksQuery(caseId).queryKey })
  const ending = useMutation({ mutationFn: () => endClientLink(link.id), onSettled })
  const showing = useMutation({
    mutationFn: (seen: number) => showOnClientLink(link.id, seen, { titles: [...titles] }),
    onSettled,
  })
  const error = ending.error ?? showing.error
  const made = formatMoment(link.madeAt, new Date())
  const isEarlier = revision !== null && revision !== link.caseRevision
  return (
    <li className="border-rule border-b py-1.5">
      <span className="flex items-baseline justify-between gap-x-4">
        <span>
          {link.isOpen ? `Until ${formatDay(link.endsOn, locale)}` : 'Ended'}
          {link.asksForWord && <span className="note">with a word</span>}
        </span>
        {link.isOpen && (
          <TextButton disabled={ending.isPending} onClick={() => ending.mutate()}>
            End
            <span className="sr-only"> the link made {made}</span>
          </TextButton>
        )}
      </span>
      <span className="text-soft block text-[0.8125rem]">
        Made {made} by {link.madeBy}; {visitWords(link)}
      </span>
      {link.isOpen && isEarlier && (
        <span className="block text-[0.8125rem]">
          It shows an earlier state.{' '}
          <TextButton disabled={showing.isPending} onClick={() => showing.mutate(revision)}>
            Show the case as saved now
          </TextButton>
        </span>
      )}
      {error && (
        <span role="alert" className="field-problem block">
          {error.message}
        </span>
      )}
      {link.notes.map((note) => (
        <ClientNote key={note.sentAt} note={note} />
      ))}
    </li>
  )
}

function visitWords({ visits, lastOpenedAt }: ClientLinkView): string {
  if (lastOpenedAt === null) return 'not opened yet'
  const last = formatMoment(lastOpenedAt, new Date())
  return visits === 1 ? `opened once, ${last}` : `opened ${visits} times, last ${last}`
}
