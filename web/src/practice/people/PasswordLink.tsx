import type { InvitedView } from '../../api/client'
import { passwordAddress } from '../../api/people'
import { CopyButton } from '../../ui/CopyButton'

type PasswordLinkProps = { words: string; invited: InvitedView }

/** How the link by which somebody chooses their password reaches them; it itself only where all is made up. */
export function PasswordLink({ words, invited: { person, way, key } }: PasswordLinkProps) {
  if (key === null) {
    return (
      <p role="status" className="max-w-xl">
        {words}{' '}
        {way === 'SENT'
          ? `A mail to ${person.email} brings the link by which they choose their password, once, within three days.`
          : `No mail is sent here. Whoever runs Impendium prints their link: ./impendium password-link ${person.email}`}
      </p>
    )
  }
  const address = passwordAddress(key)
  return (
    <div role="status" className="max-w-xl">
      <p>{words} They choose their password at this link, once, within three days:</p>
      <p className="field mt-1 truncate" data-testid="password-address">
        {address}
      </p>
      <p className="text-soft mt-1 text-[0.8125rem]">
        Mail is simulated here: pass it on yourself. <CopyButton label="Copy" text={() => address} />
      </p>
    </div>
  )
}
