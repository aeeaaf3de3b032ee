import { Dialog } from 'radix-ui'
import { useState, type ReactNode } from 'react'
import './side-panel.css'

type SidePanelProps = {
  title: string
  side: 'left' | 'right'
  /** What Escape does. */
  dismiss: () => void
  close: () => void
  children: ReactNode
}

/** A sheet at the side. What lies behind stays at work. */
export function SidePanel({ title, side, dismiss, close, children }: SidePanelProps) {
  const [openedFrom] = useState(() => document.activeElement)
  return (
    <Dialog.Root open modal={false}>
      <Dialog.Portal>
        <Dialog.Content
          className="drawer"
          data-side={side}
          aria-describedby={undefined}
          onOpenAutoFocus={(event) => {
            const field =
              event.currentTarget instanceof HTMLElement && event.currentTarget.querySelector('input')
            if (!field) return
            event.preventDefault()
            field.focus()
            field.select()
          }}
          onCloseAutoFocus={(event) => {
            event.preventDefault()
            // Who has gone on to something else in the meantime stays there.
            if (document.activeElement === document.body && openedFrom instanceof HTMLElement) {
              openedFrom.focus()
            }
          }}
          onEscapeKeyDown={(event) => {
            event.preventDefault()
            // Escape in a field that was typed into takes that back first.
            const { target } = event
            if (!(target instanceof HTMLElement && target.dataset.typed !== undefined)) dismiss()
          }}
          onInteractOutside={(event) => event.preventDefault()}
        >
          <div className="flex items-baseline justify-between gap-4">
            <Dialog.Title className="font-figures text-xl font-medium">{title}</Dialog.Title>
            <button type="button" className="button-quiet" onClick={close}>
              Close
            </button>
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
