import { useState } from 'react'
import type { OptionDocument } from '../api/client'
import { useOpenCase } from './CaseContext'
import { withName } from './options'

const MOST_NAME_CHARACTERS = 60

type RenameFieldProps = { option: OptionDocument; close: () => void }

/** What an option is called; left empty, it is called by what it says. */
export function RenameField({ option, close }: RenameFieldProps) {
  const { store } = useOpenCase()
  const [name, setName] = useState(option.name ?? '')
  const take = () => {
    if (name !== (option.name ?? '')) {
      store.changeOption(option.id, withName(name))
      store.settle()
    }
    close()
  }
  return (
    <input
      // The menu holds the focus until it has closed: the field takes it after that.
      ref={(input) => {
        const frame = requestAnimationFrame(() => input?.focus())
        return () => cancelAnimationFrame(frame)
      }}
      className="field w-56! max-w-full py-1!"
      aria-label="Name of the option"
      placeholder="option name"
      maxLength={MOST_NAME_CHARACTERS}
      value={name}
      onChange={(event) => setName(event.target.value)}
      onBlur={take}
      onKeyDown={(event) => {
        if (event.key === 'Enter') take()
        if (event.key === 'Escape') close()
      }}
    />
  )
}
