import { passwordAddress } from '../../api/people'
import { CopyButton } from '../../ui/CopyButton'

type PasswordLinkProps = { words: string; linkKey: string }

/** A link by which somebody chooses their password, shown to the owner who made it. */
export function PasswordLink({ words, linkKey }: PasswordLinkProps) {
  const address = passwordAddress(linkKey)
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
