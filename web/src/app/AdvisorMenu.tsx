import { MenuContent, MenuItem, MenuSeparator } from '../ui/Menu'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Link } from '@tanstack/react-router'
import { DropdownMenu } from 'radix-ui'
import { useState } from 'react'
import { signOut } from '../api/session'
import { clearDesk, hasUnsaved } from '../casefile/desk'
import { useSession } from './session'
import { hasSingleKeys, setSingleKeys } from './singleKeys'
import { SignOutDialog } from './SignOutDialog'
import { applyTheme, readTheme, type Theme } from './theme'

const THEMES: Record<Theme, string> = { system: 'System theme', light: 'Light theme', dark: 'Dark theme' }

/** What belongs to the advisor: the look, the practice, the keys, signing out. */
export function AdvisorMenu({ showKeys }: { showKeys: () => void }) {
  const session = useSession()
  const queries = useQueryClient()
  const [theme, setTheme] = useState(readTheme)
  const [singleKeys, setShown] = useState(hasSingleKeys)
  const choose = (chosen: string) => {
    applyTheme(chosen as Theme)
    setTheme(chosen as Theme)
  }
  const [asks, setAsks] = useState(false)
  // What is held goes on being saved until the session has ended.
  const leaving = useMutation({
    mutationFn: signOut,
    onSuccess: () => {
      clearDesk()
      queries.clear()
      window.location.assign('/')
    },
  })
  return (
    <>
      {(asks || leaving.isError) && (
        <SignOutDialog
          failure={leaving.error?.message ?? null}
          signOut={() => leaving.mutate()}
          stay={() => {
            setAsks(false)
            leaving.reset()
          }}
        />
      )}
      <DropdownMenu.Root defaultOpen>
        <DropdownMenu.Trigger className="button-quiet shrink-0">{session.name}</DropdownMenu.Trigger>
        <MenuContent align="end">
          <DropdownMenu.Label className="note px-2.5 pt-1.5 pb-2">{session.practice}</DropdownMenu.Label>
          <DropdownMenu.RadioGroup value={theme} onValueChange={choose}>
            {Object.entries(THEMES).map(([value, words]) => (
              <DropdownMenu.RadioItem key={value} value={value} className="floating-item">
                {words}
              </DropdownMenu.RadioItem>
            ))}
          </DropdownMenu.RadioGroup>
          <MenuSeparator />
          <MenuItem asChild>
            <Link to="/practice">Practice</Link>
          </MenuItem>
          <MenuItem asChild>
            <Link to="/account">Your account</Link>
          </MenuItem>
          <DropdownMenu.CheckboxItem
            className="floating-item floating-check"
            checked={singleKeys}
            onCheckedChange={(isOn) => {
              setSingleKeys(isOn)
              setShown(isOn)
            }}
          >
            <DropdownMenu.ItemIndicator className="floating-tick">✓</DropdownMenu.ItemIndicator>
            Single-key shortcuts
          </DropdownMenu.CheckboxItem>
          <MenuItem onSelect={showKeys}>Keyboard shortcuts</MenuItem>
          <MenuItem onSelect={() => (hasUnsaved() ? setAsks(true) : leaving.mutate())}>Sign out</MenuItem>
        </MenuContent>
      </DropdownMenu.Root>
    </>
  )
}
