import type { ReactNode } from 'react'
import { useIsOwner, useSession } from '../app/session'
import { Places } from '../app/Places'
import { TopBar } from '../app/TopBar'
import { PracticePages } from './PracticePages'

const NO_ACTIONS: [] = []

/** What stands around each of the practice's pages. */
export function PracticeFrame({ title, children }: { title: string; children: ReactNode }) {
  const { practice } = useSession()
  const isOwner = useIsOwner()
  return (
    <>
      <title>{`${title} · Impendium`}</title>
      <TopBar actions={NO_ACTIONS}>
        <Places />
      </TopBar>
      <main id="main" tabIndex={-1} className="wide:pl-55 wide:pr-9 mid:px-8 max-w-6xl px-4 py-8">
        <div className="flex flex-wrap items-baseline gap-x-4">
          <h1 className="font-figures text-3xl font-medium">Practice</h1>
          <p className="text-soft">{practice}</p>
        </div>
        <PracticePages />
        {!isOwner && (
          <p className="text-soft mt-3">You can look at everything here. Owners of the practice change it.</p>
        )}
        {children}
      </main>
    </>
  )
}
