import { AlertDialog } from 'radix-ui'
import type { CaseDocument, CaseView } from '../../api/client'
import { formatMoment } from '../../format/date'
import { localeOfCase } from '../../format/market'
import { placeDifferences } from '../history/placeDifferences'
import '../../ui/dialog.css'
import './conflict.css'

type ConflictDialogProps = {
  mine: CaseDocument
  theirs: CaseView
  keepMine: () => void
  keepTheirs: () => void
}

const NOT_THERE = 'not there'

/** Two states of one case that cannot be merged: says where they differ and asks which goes on. Neither is lost. */
export function ConflictDialog({ mine, theirs, keepMine, keepTheirs }: ConflictDialogProps) {
  const { savedBy, savedByYou, savedAt } = theirs
  const who = savedByYou ? 'You' : savedBy
  const others = savedByYou ? 'From the other tab' : `${savedBy}’s`
  const differences = placeDifferences(theirs.document, mine, localeOfCase(mine))
  return (
    <AlertDialog.Root open>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="veil" />
        <AlertDialog.Content className="dialog">
          <AlertDialog.Title className="font-figures text-xl font-medium">
            {who} saved this case at {formatMoment(savedAt, new Date())}
            {savedByYou && ' in another tab'}, while you were changing the same figures here
          </AlertDialog.Title>
          <table className="conflict mt-4">
            <thead>
              <tr>
                <td />
                <th scope="col">{others}</th>
                <th scope="col">Here</th>
              </tr>
            </thead>
            <tbody>
              {differences.map(({ of, was, is }) => (
                <tr key={of}>
                  <th scope="row">{of}</th>
                  <td>{was ?? NOT_THERE}</td>
                  <td>{is ?? NOT_THERE}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <AlertDialog.Description className="text-soft mt-4">
            Both are safe: the history keeps either, and Undo brings yours back here.
          </AlertDialog.Description>
          <div className="mt-5 flex flex-wrap justify-end gap-3">
            <AlertDialog.Cancel className="button-quiet" onClick={keepTheirs}>
              {savedByYou ? 'Keep the other tab’s' : 'Keep theirs'}
            </AlertDialog.Cancel>
            <AlertDialog.Action className="button" onClick={keepMine}>
              Keep mine
            </AlertDialog.Action>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  )
}
