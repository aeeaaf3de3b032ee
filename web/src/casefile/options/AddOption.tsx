import { DropdownMenu } from 'radix-ui'
import { MenuContent, MenuItem, MenuSeparator } from '../../ui/Menu'
import { useOpenCase } from '../CaseContext'
import { useOpenPanel, type PanelView } from '../../panel/panelStore'
import { purchaseOf } from '../option'
import { addOption, MOST_OPTIONS } from '../options'
import { alternativesTo } from './alternatives'
import type { Comparison } from './compared'
import { RenewalItem } from './RenewalItem'

/** Ready-made alternatives to the baseline: each begins sensibly from the case and is then an option like any other. */
export function AddOption({ comparison }: { comparison: Comparison }) {
  const { store, document, words } = useOpenCase()
  const { option, answer } = comparison.base
  const openPanel = useOpenPanel()
  const open = (view: PanelView) => {
    // What is made there is made from the option that is shown.
    store.select(option.id)
    openPanel(view)
  }
  const start = {
    option,
    figures: answer.figures,
    words,
    debts: document.debts,
    isRenewal: document.presentPayment !== null && option.features.paymentCents === null,
  }
  const isFull = document.options.length >= MOST_OPTIONS
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger className="text-button screen-only" disabled={isFull}>
        {isFull ? 'Six options at the most' : 'Add option…'}
      </DropdownMenu.Trigger>
      <MenuContent align="end">
        {alternativesTo(start).map(({ heading, alternatives }) => (
          <DropdownMenu.Group key={heading}>
            <DropdownMenu.Label className="heading px-2.5 pt-2">{heading}</DropdownMenu.Label>
            {alternatives.map((alternative) => (
              <MenuItem
                key={alternative.words}
                onSelect={() => store.changeOptions(addOption(option.id, alternative.change))}
              >
                {alternative.words}
              </MenuItem>
            ))}
          </DropdownMenu.Group>
        ))}
        <MenuSeparator />
        <MenuItem onSelect={() => open({ kind: 'rates' })}>From the rate table…</MenuItem>
        {purchaseOf(option) && (
          <MenuItem onSelect={() => open({ kind: 'credit' })}>A seller’s credit, three ways…</MenuItem>
        )}
        <RenewalItem base={comparison.base} />
        <MenuItem onSelect={() => store.changeOptions(addOption(option.id, (same) => same))}>
          The same again, to change it
        </MenuItem>
      </MenuContent>
    </DropdownMenu.Root>
  )
}
