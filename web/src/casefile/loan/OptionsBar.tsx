import { DropdownMenu } from 'radix-ui'
import { useState } from 'react'
import { useFocusElsewhere } from '../../ui/useFocusElsewhere'
import { useOpenCase } from '../CaseContext'
import { addOption, dropOption, makeBaseline, MOST_OPTIONS, renameOption } from '../options'
import { differencesOf } from '../differences'

/** The case's options above the sentence: one is shown, the first is the baseline. */
export function OptionsBar() {
  const { document, store, selected, locale, words } = useOpenCase()
  const [renames, setRenames] = useState(false)
  const [baseline] = document.options
  return (
    <div className="-mt-1.5 mb-2 flex flex-wrap items-center gap-x-1 gap-y-1">
      <div role="tablist" aria-label="Options" className="flex min-w-0 flex-wrap gap-x-1 gap-y-1">
        {document.options.map((option, index) => (
          <button
            // An option is known by its place alone: two may say the same.
            key={index}
            type="button"
            role="tab"
            aria-selected={index === selected}
            tabIndex={index === selected ? 0 : -1}
            className="option-tab"
            onClick={() => store.select(index)}
            onKeyDown={(event) => {
              const move = { ArrowLeft: -1, ArrowRight: 1 }[event.key]
              if (move === undefined) return
              const next = (index + move + document.options.length) % document.options.length
              store.select(next)
              const tabs = event.currentTarget.parentElement?.querySelectorAll<HTMLElement>('[role=tab]')
              tabs?.[next]?.focus()
            }}
          >
            {option.name ??
              (index === 0 || !baseline ? 'Baseline' : differencesOf(baseline, option, locale, words))}
          </button>
        ))}
      </div>
      <OptionMenu rename={() => setRenames(true)} />
      {renames && <Rename close={() => setRenames(false)} />}
    </div>
  )
}

function OptionMenu({ rename }: { rename: () => void }) {
  const { document, store, selected } = useOpenCase()
  const isOnly = document.options.length === 1
  const isFull = document.options.length >= MOST_OPTIONS
  const { lead, onCloseAutoFocus } = useFocusElsewhere()
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger className="button-quiet -ml-2 text-[0.8125rem]">
        {isOnly ? 'Another option…' : 'Option…'}
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="start"
          sideOffset={6}
          collisionPadding={12}
          className="floating"
          onCloseAutoFocus={onCloseAutoFocus}
        >
          <DropdownMenu.Item
            className="floating-item"
            disabled={isFull}
            onSelect={() => store.changeOptions(addOption(document.options, selected, (option) => option))}
          >
            duplicate it {isFull && '(six at the most)'}
          </DropdownMenu.Item>
          <DropdownMenu.Item
            className="floating-item"
            onSelect={() => {
              lead()
              rename()
            }}
          >
            give it a name
          </DropdownMenu.Item>
          {selected !== 0 && (
            <DropdownMenu.Item
              className="floating-item"
              onSelect={() => store.changeOptions(makeBaseline(document.options, selected))}
            >
              make it the baseline
            </DropdownMenu.Item>
          )}
          {!isOnly && (
            <DropdownMenu.Item
              className="floating-item"
              onSelect={() => store.changeOptions(dropOption(document.options, selected))}
            >
              drop it
            </DropdownMenu.Item>
          )}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}

const MOST_NAME_CHARACTERS = 60

function Rename({ close }: { close: () => void }) {
  const { document, store, option, selected } = useOpenCase()
  const [name, setName] = useState(option.name ?? '')
  const take = () => {
    if (name !== (option.name ?? '')) {
      store.changeOptions({ options: renameOption(document.options, selected, name), selected })
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
      className="field w-56! py-1!"
      aria-label="Name of the option"
      placeholder="what it is called"
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
