import { Ledger } from '../ui/Ledger'
import { ModalDialog } from '../ui/ModalDialog'
import type { KeyAction } from './keys'
import './keys-dialog.css'

type KeysDialogProps = { actions: readonly KeyAction[]; close: () => void }

const IN_A_FIGURE: readonly [string, string][] = [
  ['↑ ↓', 'change the figure by its natural step'],
  ['Shift+↑ ↓', 'change it by ten steps'],
  ['Enter', 'accept the entry'],
  ['Esc', 'cancel the entry'],
  ['Tab', 'next figure'],
  ['Delete, Tab', 'remove a clause with its figure'],
  ['at most 2,350 a month, Enter', 'set a target'],
  ['w', 'how a calculated figure is worked out'],
  ['arrows, in the schedule', 'move between figures'],
  ['arrows, on the chart', 'move between payments'],
  ['arrows, among figures', 'next figure of a list'],
  ['Enter, in a list', 'add a line'],
  ['Alt+↑ ↓, in a list', 'move the line'],
]

/** Every key that works where one is. */
export function KeysDialog({ actions, close }: KeysDialogProps) {
  const lines = [...actions.map(({ keys, does }) => [keys, does] as const), ...IN_A_FIGURE]
  return (
    <ModalDialog title="Keyboard shortcuts" close={close}>
      <Ledger className="mt-2">
        {lines.map(([keys, does]) => (
          <div key={keys}>
            <dt className="text-act font-semibold">{keys}</dt>
            <dd className="keys-does">{does}</dd>
          </div>
        ))}
      </Ledger>
      <p className="mt-4 text-right">
        <button type="button" className="button-quiet" onClick={close}>
          Close
        </button>
      </p>
    </ModalDialog>
  )
}
