import { useQueryClient } from '@tanstack/react-query'
import { Dialog } from 'radix-ui'
import { useLostSession } from '../app/lostSession'
import { useSession } from '../app/session'
import { clearDesk, flushDesk } from '../casefile/desk'
import { TextButton } from '../ui/TextButton'
import '../ui/dialog.css'
import { useKeysRested } from '../ui/useKeysRested'
import { SignInForm } from './SignInForm'

/** A word that is being typed goes where it began, and not into the password. */
const KEYS_REST_MS = 900

/** Asks whose session has ended for the password, above the page, on which all that was typed stays. */
export function SignInAgain() {
  const { name, email } = useSession()
  const { regain } = useLostSession()
  const queries = useQueryClient()
  const isRested = useKeysRested(KEYS_REST_MS)
  const goOn = async () => {
    regain()
    flushDesk()
    await queries.invalidateQueries()
  }
  const leave = () => {
    clearDesk()
    queries.clear()
    window.location.assign('/')
  }
  if (!isRested) return null
  return (
    <Dialog.Root open>
      <Dialog.Portal>
        <Dialog.Overlay className="veil" />
        <Dialog.Content className="dialog">
          <Dialog.Title className="font-figures text-xl font-medium">Your session has ended</Dialog.Title>
          <Dialog.Description className="text-soft mt-1 mb-4">
            It was inactive for too long, or ended elsewhere. What you typed is still on the page: sign in as{' '}
            {name} to go on with it.
          </Dialog.Description>
          <SignInForm email={email} signedIn={goOn} />
          <p className="mt-4">
            <TextButton onClick={leave}>Sign in as someone else</TextButton>
          </p>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
