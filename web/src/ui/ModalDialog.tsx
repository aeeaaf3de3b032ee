import { Dialog } from 'radix-ui'
import type { ReactNode } from 'react'
import './dialog.css'

type ModalDialogProps = {
  title: string
  /** What it is about, in a sentence. */
  description?: string
  close: () => void
  children: ReactNode
}

/** A dialog above the page, which waits for it. */
export function ModalDialog({ title, description, close, children }: ModalDialogProps) {
  return (
    <Dialog.Root open onOpenChange={(open) => !open && close()}>
      <Dialog.Portal>
        <Dialog.Overlay className="veil" />
        <Dialog.Content
          className="dialog"
          {...(description === undefined && { 'aria-describedby': undefined })}
        >
          <Dialog.Title className="font-figures text-xl font-medium">{title}</Dialog.Title>
          {description !== undefined && (
            <Dialog.Description className="text-soft mt-1">{description}</Dialog.Description>
          )}
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
