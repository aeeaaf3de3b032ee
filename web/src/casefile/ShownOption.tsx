import { Tabs } from 'radix-ui'
import type { ReactNode } from 'react'
import { useStore } from 'zustand'
import { useOpenCase } from './CaseContext'
import { selectedOf } from './caseStore'
import { OptionsBar } from './loan/OptionsBar'

/** A view of one option, with the options to choose from above it. */
export function ShownOption({ children }: { children: ReactNode }) {
  const { store } = useOpenCase()
  const { id } = useStore(store.store, selectedOf)
  return (
    <Tabs.Root value={id} onValueChange={store.select}>
      <OptionsBar />
      <Tabs.Content value={id} tabIndex={-1} className="outline-none">
        {children}
      </Tabs.Content>
    </Tabs.Root>
  )
}
