import { AlertDialog } from 'radix-ui'
import type { CaseView } from '../api/client'
import { formatMoment } from '../format/date'

type ConflictDialogProps = { theirs: CaseView; keepMine: () => void; takeTheirs: () => void }

/** Two people changed one case: asks whose state goes on. Neither is lost. */
export function ConflictDialog({ theirs, keepMine, takeTheirs }: ConflictDialogProps) {
  return (
    <AlertDialog.Root open>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="veil" />
        <AlertDialog.Content className="dialog">
          <AlertDialog.Title className="font-figures text-xl font-medium">
            {theirs.savedBy} saved this case at {formatMoment(theirs.savedAt, new Date())}, while you were
            changing it
          </AlertDialog.Title>
          <AlertDialog.Description className="text-soft mt-2">
            Both states are safe: each saved state is kept, and yours can be brought back here by Undo.
          </AlertDialog.Description>
          <div className="mt-5 flex flex-wrap justify-end gap-3">
            <AlertDialog.Cancel className="button-quiet" onClick={takeTheirs}>
              Go on with theirs
            </AlertDialog.Cancel>
            <AlertDialog.Action className="button" onClick={keepMine}>
              Go on with mine
            </AlertDialog.Action>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  )
}
