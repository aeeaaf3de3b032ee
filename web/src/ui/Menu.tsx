import { DropdownMenu } from 'radix-ui'
import type { ComponentProps } from 'react'
import './floating.css'

/** What a menu holds, floating above the page beside its trigger. */
export function MenuContent(props: Omit<ComponentProps<typeof DropdownMenu.Content>, 'className'>) {
  return (
    <DropdownMenu.Portal>
      <DropdownMenu.Content sideOffset={6} collisionPadding={12} className="floating" {...props} />
    </DropdownMenu.Portal>
  )
}

export function MenuItem(props: Omit<ComponentProps<typeof DropdownMenu.Item>, 'className'>) {
  return <DropdownMenu.Item className="floating-item" {...props} />
}

export function MenuSeparator() {
  return <DropdownMenu.Separator className="floating-separator" />
}
