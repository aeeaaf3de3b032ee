import type { Person } from '../../api/client'
import { useSession } from '../../app/session'
import { TextButton } from '../../ui/TextButton'
import { ROLE_WORDS } from './roles'

type PersonLineProps = {
  person: Person
  /** Opens what can be changed of them; null where nothing can. */
  edit: (() => void) | null
}

/** Somebody in a line: who they are, what they may do, how they sign in. */
export function PersonLine({ person, edit }: PersonLineProps) {
  const { email: own } = useSession()
  const { name, email, role } = person
  return (
    <div className="flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
      <div className={person.state === 'LEFT' ? 'text-soft' : undefined}>
        <h2 className="text-base font-semibold">
          {name}
          {email === own && <span className="note font-normal">you</span>}
        </h2>
        <p className="text-soft">{email}</p>
      </div>
      <p className="flex items-baseline gap-5">
        <span>
          {person.state === 'LEFT' ? 'Left' : ROLE_WORDS[role]}
          {notesOf(person).map((note) => (
            <span key={note} className="note">
              {note}
            </span>
          ))}
        </span>
        {edit && (
          <TextButton onClick={edit}>
            Edit<span className="sr-only"> {name}</span>
          </TextButton>
        )}
      </p>
    </div>
  )
}

const notesOf = ({ state, hasSecondFactor }: Person) => [
  ...(state === 'INVITED' ? ['invited, no password yet'] : []),
  ...(hasSecondFactor ? ['with a code'] : []),
]
