import { AlertDialog } from 'radix-ui'
import '../ui/dialog.css'

type SignOutDialogProps = {
  /** Why the last try did not end the session; null before there was one. */
  failure: string | null
  signOut: () => void
  stay: () => void
}

/** Asks before work that the server does not have is lost, and says why somebody is still signed in. */
export function SignOutDialog({ failure, signOut, stay }: SignOutDialogProps) {
  return (
    <AlertDialog.Root open onOpenChange={(open) => !open && stay()}>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="veil" />
        <AlertDialog.Content className="dialog">
          <AlertDialog.Title className="font-figures text-xl font-medium">
            {failure === null ? 'Some of your work is not saved' : 'You are still signed in'}
          </AlertDialog.Title>
          <AlertDialog.Description className="text-soft mt-2">
            {failure === null
              ? 'An entry is still to be fixed, or the server was not reached. If you sign out, that work will be lost.'
              : `${failure} Your work stays here, and saving goes on.`}
          </AlertDialog.Description>
          <div className="mt-5 flex flex-wrap justify-end gap-3">
            <button type="button" className="button-quiet" onClick={signOut}>
              {failure === null ? 'Sign out without saving' : 'Try again'}
            </button>
            <AlertDialog.Cancel className="button">Stay</AlertDialog.Cancel>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  )
}
