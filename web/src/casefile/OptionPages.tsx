import { Outlet } from '@tanstack/react-router'
import { Tabs } from 'radix-ui'
import { useStore } from 'zustand'
import { useOpenCase } from './CaseContext'
import { selectedOf } from './caseStore'
import { OptionsBar } from './loan/OptionsBar'
import { SpokenAnswer } from './SpokenAnswer'
import { SentenceHead } from './SentenceHead'

/** Around the views that are about one option: the options to choose from, and the sentence of the one that is shown. */
export function OptionPages() {
  const { store } = useOpenCase()
  const { id } = useStore(store.store, selectedOf)
  return (
    <Tabs.Root value={id} onValueChange={store.select}>
      <OptionsBar />
      <Tabs.Content value={id} tabIndex={-1} className="outline-none">
        <SentenceHead />
        <Outlet />
        <SpokenAnswer />
      </Tabs.Content>
    </Tabs.Root>
  )
}
