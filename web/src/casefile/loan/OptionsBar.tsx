import { MenuContent, MenuItem } from '../../ui/Menu'
import { DropdownMenu, Tabs } from 'radix-ui'
import { useState } from 'react'
import { useFocusElsewhere } from '../../ui/useFocusElsewhere'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { focusFigure } from '../focusFigure'
import { baselineOf, firstFigureOf } from '../option'
import { selectedOf } from '../caseStore'
import { addOption, deleteOption, makeBaseline, MOST_OPTIONS } from '../options'
import { titleOf } from '../differences'
import { RecommendItem } from '../options/RecommendItem'
import { RenameField } from '../RenameField'
import './options-bar.css'

/** The case's options above the sentence: one is shown, the first is the baseline. */
export function OptionsBar() {
  const { document, locale, words } = useOpenCase()
  const { option: shown } = useOption()
  const [renames, setRenames] = useState(false)
  const baseline = baselineOf(document)
  return (
    <div className="-mt-1.5 mb-2 flex flex-wrap items-center gap-x-1 gap-y-1">
      <Tabs.List aria-label="Options" className="flex min-w-0 flex-wrap gap-x-1 gap-y-1">
        {document.options.map((option) => (
          <Tabs.Trigger key={option.id} value={option.id} className="option-tab">
            {titleOf(baseline, option, locale, words)}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      <OptionMenu rename={() => setRenames(true)} />
      {renames && <RenameField option={shown} close={() => setRenames(false)} />}
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
      <MenuContent align="start" onCloseAutoFocus={onCloseAutoFocus}>
        <MenuItem
          disabled={isFull}
          onSelect={() => {
            lead()
            store.changeOptions(addOption(option.id, (same) => same))
            focusFigure(firstFigureOf(selectedOf(store.store.getState())))
          }}
        >
          Duplicate {isFull && '(six at the most)'}
        </MenuItem>
        <MenuItem
          onSelect={() => {
            lead()
            rename()
          }}
        >
          Rename
        </MenuItem>
        {!isBaseline && (
          <MenuItem onSelect={() => store.changeOptions(makeBaseline(option.id))}>Make baseline</MenuItem>
        )}
        {!isOnly && <RecommendItem option={option} />}
        {!isOnly && <MenuItem onSelect={() => store.changeOptions(deleteOption(option.id))}>Delete</MenuItem>}
      </MenuContent>
    </DropdownMenu.Root>
  )
}
