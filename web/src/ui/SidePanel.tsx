import { Dialog } from 'radix-ui'
import { useState, type ReactNode } from 'react'

type SidePanelProps = { title: string; close: () => void; children: ReactNode }

/** A sheet at the side. What lies behind stays at work: only its own button and Escape close it. */
export function SidePanel({ title, close, children }: SidePanelProps) {
  const [openedFrom] = useState(() => document.activeElement)
  return (
    <Dialog.Root open modal={false} onOpenChange={(open) => !open && close()}>
      <Dialog.Portal>
        <Dialog.Content
          className="drawer"
          aria-describedby={undefined}
          onOpenAutoFocus={(event) => {
            const field =
              event.currentTarget instanceof HTMLElement && event.currentTarget.querySelector('input')
            if (!field) return
            event.preventDefault()
            field.focus()
          }}
          onCloseAutoFocus={(event) => {
            event.preventDefault()
            // Who has gone on to something else in the meantime stays there.
            if (document.activeElement === document.body && openedFrom instanceof HTMLElement) {
              openedFrom.focus()
            }
          }}
          onInteractOutside={(event) => event.preventDefault()}
        >
          <div className="flex items-baseline justify-between gap-4">
            <Dialog.Title className="font-figures text-xl font-medium">{title}</Dialog.Title>
            <Dialog.Close className="button-quiet">Close</Dialog.Close>
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
