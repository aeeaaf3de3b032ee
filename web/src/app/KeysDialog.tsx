import { Dialog } from 'radix-ui'
import type { KeyAction } from './keys'

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
]

/** Every key that works where one is. */
export function KeysDialog({ actions, close }: KeysDialogProps) {
  const lines = [...actions.map(({ keys, does }) => [keys, does] as const), ...IN_A_FIGURE]
  return (
    <Dialog.Root open onOpenChange={(open) => !open && close()}>
      <Dialog.Portal>
        <Dialog.Overlay className="veil" />
        <Dialog.Content className="dialog" aria-describedby={undefined}>
          <div className="flex items-baseline justify-between">
            <Dialog.Title className="font-figures text-xl font-medium">Keyboard shortcuts</Dialog.Title>
            <Dialog.Close className="button-quiet">Close</Dialog.Close>
          </div>
          <dl className="ledger mt-2">
            {lines.map(([keys, does]) => (
              <div key={keys}>
                <dt className="text-act font-semibold">{keys}</dt>
                <dd className="keys-does">{does}</dd>
              </div>
            ))}
          </dl>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
