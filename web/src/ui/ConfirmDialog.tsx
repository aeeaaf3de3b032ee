import { AlertDialog } from 'radix-ui'
import type { ReactNode } from 'react'
import './dialog.css'

type ConfirmDialogProps = {
  title: string
  /** What follows from it. */
  children: ReactNode
  /** What is done, as a verb. */
  actWords: string
  act: () => void
  cancel: () => void
}

/** Asks before something that others notice, or that cannot be undone. */
export function ConfirmDialog({ title, children, actWords, act, cancel }: ConfirmDialogProps) {
  return (
    <AlertDialog.Root open onOpenChange={(open) => !open && cancel()}>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="veil" />
        <AlertDialog.Content className="dialog">
          <AlertDialog.Title className="font-figures text-xl font-medium">{title}</AlertDialog.Title>
          <AlertDialog.Description className="text-soft mt-2">{children}</AlertDialog.Description>
          <div className="mt-5 flex flex-wrap justify-end gap-3">
            <button type="button" className="button-quiet" onClick={act}>
              {actWords}
            </button>
            <AlertDialog.Cancel className="button">Cancel</AlertDialog.Cancel>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  )
}
