import { useQueryClient } from '@tanstack/react-query'
import { Link } from '@tanstack/react-router'
import { DropdownMenu } from 'radix-ui'
import { useState, type ReactNode } from 'react'
import { signOut } from '../api/session'
import { KeysDialog } from './KeysDialog'
import { useKeys, type KeyAction } from './keys'
import { useSession } from './session'
import { applyTheme, readTheme, type Theme } from './theme'

const THEMES: Record<Theme, string> = { system: 'Look of the system', light: 'Light', dark: 'Dark' }

type TopBarProps = { children?: ReactNode; actions: readonly KeyAction[] }

/** The line above every view: the product, what is open, and what belongs to the advisor. */
export function TopBar({ children, actions }: TopBarProps) {
  const [showsKeys, setShowsKeys] = useState(false)
  const [ownActions] = useState<KeyAction[]>(() => [
    { keys: '?', does: 'show these keys', run: () => setShowsKeys(true) },
  ])
  useKeys(ownActions)
  useKeys(actions)

  return (
    <header className="border-rule flex flex-wrap items-center gap-x-6 gap-y-1 border-b px-4 py-2 mid:h-13 mid:flex-nowrap mid:px-8 mid:py-0">
      <Link
        to="/cases"
        className="font-figures wide:w-[10.25rem] shrink-0 text-xl font-semibold"
        aria-label="Impendium, all cases"
      >
        Impendium
      </Link>
      {children}
      <AdvisorMenu showKeys={() => setShowsKeys(true)} />
      {showsKeys && <KeysDialog actions={[...actions, ...ownActions]} close={() => setShowsKeys(false)} />}
    </header>
  )
}

function AdvisorMenu({ showKeys }: { showKeys: () => void }) {
  const session = useSession()
  const queries = useQueryClient()
  const [theme, setTheme] = useState(readTheme)
  const choose = (chosen: string) => {
    applyTheme(chosen as Theme)
    setTheme(chosen as Theme)
  }
  const leave = async () => {
    await signOut()
    queries.clear()
    window.location.assign('/')
  }
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger className="button-quiet ml-auto shrink-0">{session.name}</DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="end" sideOffset={6} collisionPadding={12} className="floating">
          <DropdownMenu.Label className="note px-2.5 pt-1.5 pb-2">{session.practice}</DropdownMenu.Label>
          <DropdownMenu.RadioGroup value={theme} onValueChange={choose}>
            {Object.entries(THEMES).map(([value, words]) => (
              <DropdownMenu.RadioItem key={value} value={value} className="floating-item">
                {words}
              </DropdownMenu.RadioItem>
            ))}
          </DropdownMenu.RadioGroup>
          <DropdownMenu.Separator className="border-rule my-1 border-t" />
          <DropdownMenu.Item className="floating-item" asChild>
            <Link to="/practice">Practice</Link>
          </DropdownMenu.Item>
          <DropdownMenu.Item className="floating-item" onSelect={showKeys}>
            Keys
          </DropdownMenu.Item>
          <DropdownMenu.Item className="floating-item" onSelect={() => void leave()}>
            Sign out
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}
