import { Link } from '@tanstack/react-router'
import { lazy, Suspense, useState, type ReactNode } from 'react'
import { AdvisorPlace } from './AdvisorPlace'
import { useKeys, type KeyAction } from './keys'

const KeysDialog = lazy(async () => ({ default: (await import('./KeysDialog')).KeysDialog }))

type TopBarProps = { children?: ReactNode; actions: readonly KeyAction[] }

/** The line above every view: the product, what is open, and what belongs to the advisor. */
export function TopBar({ children, actions }: TopBarProps) {
  const [showsKeys, setShowsKeys] = useState(false)
  const [ownActions] = useState<KeyAction[]>(() => [
    { keys: '?', does: 'show keyboard shortcuts', run: () => setShowsKeys(true) },
  ])
  useKeys(ownActions)
  useKeys(actions)

  return (
    <header className="border-rule flex flex-wrap items-center gap-x-6 gap-y-1 border-b px-4 py-2 mid:h-13 mid:flex-nowrap mid:px-8 mid:py-0">
      <SkipLink />
      <Link
        to="/cases"
        className="font-figures wide:w-[10.25rem] max-mid:-order-2 shrink-0 text-xl font-semibold"
        aria-label="Impendium, all cases"
      >
        Impendium
      </Link>
      {children}
      {/* On a phone it shares the first line with the product, and what is open begins the next one. */}
      <div className="max-mid:-order-1 max-mid:basis-[calc(100%-9rem)] ml-auto flex shrink-0 justify-end">
        <AdvisorPlace showKeys={() => setShowsKeys(true)} />
      </div>
      {showsKeys && (
        <Suspense>
          <KeysDialog actions={[...actions, ...ownActions]} close={() => setShowsKeys(false)} />
        </Suspense>
      )}
    </header>
  )
}

/** For the keyboard: past the line at the top, to what the page is about. */
function SkipLink() {
  return (
    <a
      href="#main"
      className="skip-link"
      onClick={(event) => {
        event.preventDefault()
        document.querySelector<HTMLElement>('main')?.focus()
      }}
    >
      Skip to content
    </a>
  )
}
