import { AlertDialog } from 'radix-ui'
import '../ui/dialog.css'

type SignOutDialogProps = { signOut: () => void; stay: () => void }

/** Asks before work that the server does not have is given up. */
export function SignOutDialog({ signOut, stay }: SignOutDialogProps) {
  return (
    <AlertDialog.Root open onOpenChange={(open) => !open && stay()}>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="veil" />
        <AlertDialog.Content className="dialog">
          <AlertDialog.Title className="font-figures text-xl font-medium">
            Some of your work is not saved
          </AlertDialog.Title>
          <AlertDialog.Description className="text-soft mt-2">
            An entry is still to be fixed, or the server was not reached. Signing out gives that work up.
          </AlertDialog.Description>
          <div className="mt-5 flex flex-wrap justify-end gap-3">
            <AlertDialog.Action className="button-quiet" onClick={signOut}>
              Sign out without saving
            </AlertDialog.Action>
            <AlertDialog.Cancel className="button">Stay</AlertDialog.Cancel>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  )
}
