import { DropdownMenu } from 'radix-ui'
import { useState, type KeyboardEvent } from 'react'
import { MenuContent, MenuItem, MenuSeparator } from '../../ui/Menu'
import { useFocusElsewhere } from '../../ui/useFocusElsewhere'
import { FitsLimits } from '../afford/FitsLimits'
import { useOpenCase } from '../CaseContext'
import { addOption, deleteOption, makeBaseline, MOST_OPTIONS, moveOption } from '../options'
import { RenameField } from '../RenameField'
import { ColumnNotes } from './ColumnNotes'
import type { Compared } from './compared'
import { LineSample } from './LineSample'
import { PriceAgain } from './PriceAgain'
import { RecommendItem } from './RecommendItem'

type ColumnHeadProps = { compared: Compared; isEdited: boolean; edit: () => void }

/** What a column is called, and what can be done with its option. Alt with an arrow moves it. */
export function ColumnHead({ compared, isEdited, edit }: ColumnHeadProps) {
  const { store, document } = useOpenCase()
  const { option, title, look, isBaseline } = compared
  const [renames, setRenames] = useState(false)
  const { lead, onCloseAutoFocus } = useFocusElsewhere()
  const place = document.options.findIndex(({ id }) => id === option.id)
  const move = (by: -1 | 1) => store.changeOptions(moveOption(option.id, by))
  const onKeyDown = (event: KeyboardEvent) => {
    const by = event.altKey ? { ArrowLeft: -1 as const, ArrowRight: 1 as const }[event.key] : undefined
    if (by === undefined) return
    event.preventDefault()
    event.stopPropagation()
    move(by)
  }
  if (renames) return <RenameField option={option} close={() => setRenames(false)} />
  return (
    <>
      <DropdownMenu.Root>
        <DropdownMenu.Trigger
          className="column-head"
          data-edited={isEdited || undefined}
          onKeyDown={onKeyDown}
        >
          {!isBaseline && <LineSample look={look} />} {title} <span aria-hidden>▾</span>
        </DropdownMenu.Trigger>
        <MenuContent align="end" onCloseAutoFocus={onCloseAutoFocus}>
          <MenuItem
            onSelect={() => {
              store.select(option.id)
              edit()
            }}
          >
            {isEdited ? 'Close its sentence' : 'Edit its sentence'}
          </MenuItem>
          <MenuItem
            onSelect={() => {
              lead()
              setRenames(true)
            }}
          >
            Rename
          </MenuItem>
          <MenuItem
            disabled={document.options.length >= MOST_OPTIONS}
            onSelect={() => store.changeOptions(addOption(option.id, (same) => same))}
          >
            Duplicate {document.options.length >= MOST_OPTIONS && '(six at the most)'}
          </MenuItem>
          {document.options.length > 1 && <RecommendItem option={option} />}
          <MenuSeparator />
          {!isBaseline && (
            <MenuItem onSelect={() => store.changeOptions(makeBaseline(option.id))}>Make baseline</MenuItem>
          )}
          <MenuItem disabled={place === 0} onSelect={() => move(-1)}>
            Move left
          </MenuItem>
          <MenuItem disabled={place === document.options.length - 1} onSelect={() => move(1)}>
            Move right
          </MenuItem>
          {document.options.length > 1 && (
            <MenuItem onSelect={() => store.changeOptions(deleteOption(option.id))}>Delete</MenuItem>
          )}
        </MenuContent>
      </DropdownMenu.Root>
      {document.options.length > 1 && document.recommended === option.id && (
        <p className="text-xs font-semibold">Recommended</p>
      )}
      <FitsLimits option={option} />
      <ColumnNotes compared={compared} />
      <PriceAgain compared={compared} />
    </>
  )
}
