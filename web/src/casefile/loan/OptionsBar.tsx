import { DropdownMenu } from 'radix-ui'
import { useState } from 'react'
import { useStore } from 'zustand'
import { useFocusElsewhere } from '../../ui/useFocusElsewhere'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { focusFigure } from '../focusFigure'
import { baselineOf, firstFigureOf } from '../option'
import { selectedOf } from '../caseStore'
import { addOption, deleteOption, makeBaseline, MOST_OPTIONS, withName } from '../options'
import { titleOf } from '../differences'

/** The case's options above the sentence: one is shown, the first is the baseline. */
export function OptionsBar() {
  const { document, store, locale, words } = useOpenCase()
  const selected = useStore(store.store, selectedOf)
  const [renames, setRenames] = useState(false)
  const baseline = baselineOf(document)
  return (
    <div className="-mt-1.5 mb-2 flex flex-wrap items-center gap-x-1 gap-y-1">
      <div role="tablist" aria-label="Options" className="flex min-w-0 flex-wrap gap-x-1 gap-y-1">
        {document.options.map((option, index) => (
          <button
            key={option.id}
            type="button"
            role="tab"
            aria-selected={option.id === selected.id}
            tabIndex={option.id === selected.id ? 0 : -1}
            className="option-tab"
            onClick={() => store.select(option.id)}
            onKeyDown={(event) => {
              const move = { ArrowLeft: -1, ArrowRight: 1 }[event.key]
              if (move === undefined) return
              const next = (index + move + document.options.length) % document.options.length
              store.select(document.options[next]?.id ?? option.id)
              const tabs = event.currentTarget.parentElement?.querySelectorAll<HTMLElement>('[role=tab]')
              tabs?.[next]?.focus()
            }}
          >
            {titleOf(baseline, option, locale, words)}
          </button>
        ))}
      </div>
      <OptionMenu rename={() => setRenames(true)} />
      {renames && <Rename close={() => setRenames(false)} />}
    </div>
  )
}

function OptionMenu({ rename }: { rename: () => void }) {
  const { document, store } = useOpenCase()
  const { option, isBaseline } = useOption()
  const isOnly = document.options.length === 1
  const isFull = document.options.length >= MOST_OPTIONS
  const { lead, onCloseAutoFocus } = useFocusElsewhere()
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger className="button-quiet -ml-2 text-[0.8125rem]">
        {isOnly ? 'Add option…' : 'Option…'}
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
            onSelect={() => {
              lead()
              store.changeOptions(addOption(document.options, option, (same) => same))
              focusFigure(firstFigureOf(selectedOf(store.store.getState())))
            }}
          >
            Duplicate {isFull && '(six at the most)'}
          </DropdownMenu.Item>
          <DropdownMenu.Item
            className="floating-item"
            onSelect={() => {
              lead()
              rename()
            }}
          >
            Rename
          </DropdownMenu.Item>
          {!isBaseline && (
            <DropdownMenu.Item
              className="floating-item"
              onSelect={() => store.changeOptions(makeBaseline(document.options, option))}
            >
              Make baseline
            </DropdownMenu.Item>
          )}
          {!isOnly && (
            <DropdownMenu.Item
              className="floating-item"
              onSelect={() => store.changeOptions(deleteOption(document.options, option))}
            >
              Delete
            </DropdownMenu.Item>
          )}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}

const MOST_NAME_CHARACTERS = 60

function Rename({ close }: { close: () => void }) {
  const { option, apply } = useOption()
  const [name, setName] = useState(option.name ?? '')
  const take = () => {
    if (name !== (option.name ?? '')) apply(withName(name))
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
