import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { peopleQuery } from '../../api/people'
import { useIsOwner } from '../../app/session'
import { TextButton } from '../../ui/TextButton'
import { PracticeFrame } from '../PracticeFrame'
import { InvitePerson } from './InvitePerson'
import { PersonEditor } from './PersonEditor'
import { PersonLine } from './PersonLine'
import { MailToPeople } from './MailToPeople'

/** Who works in the practice, and what they may do. */
export function PeoplePage() {
  const people = useQuery(peopleQuery)
  const [edited, setEdited] = useState<string | null>(null)
  const [invites, setInvites] = useState(false)
  const isOwner = useIsOwner()
  return (
    <PracticeFrame title="People">
      <div className="mt-5 flex flex-wrap items-baseline justify-between gap-x-6">
        <p className="text-soft">
          Everybody here sees and works on all cases. Owners also decide on people, rates, limits, programmes
          and hand-outs.
        </p>
        {isOwner && !invites && <TextButton onClick={() => setInvites(true)}>Invite somebody</TextButton>}
      </div>
      {people.error && (
        <p role="alert" className="field-problem">
          {people.error.message}
        </p>
      )}
      {invites && <InvitePerson close={() => setInvites(false)} />}
      <ul className="mt-3" aria-label="People">
        {people.data?.map((person) => (
          <li key={person.id} className="border-rule border-b py-3">
            <PersonLine
              person={person}
              edit={isOwner && edited !== person.id ? () => setEdited(person.id) : null}
            />
            {edited === person.id && <PersonEditor person={person} close={() => setEdited(null)} />}
          </li>
        ))}
      </ul>
      {isOwner && <MailToPeople />}
    </PracticeFrame>
  )
}
