import type { PricedOnDocument } from '../../api/client'
import { usePanel } from '../../panel/panelStore'
import { useOpenCase } from '../CaseContext'
import type { OptionChange } from '../option'
import { addOption, MOST_OPTIONS, type Options } from '../options'
import { useOption } from '../OptionContext'

/** Adds options made from the one that is shown, and keeps with the case which rates they were priced on. */
export function useAddPriced() {
  const { store, document } = useOpenCase()
  const { option } = useOption()
  const close = usePanel((panel) => panel.close)
  const room = MOST_OPTIONS - document.options.length
  const add = (changes: readonly OptionChange[], pricedOn: PricedOnDocument | null) => {
    const now = store.store.getState().document
    const added = changes
      .slice(0, room)
      .reduce<Options>(({ options }, change) => addOption(option.id, change)(options), {
        options: now.options,
        selected: option.id,
      })
    store.settle()
    store.changeDocument({ options: added.options, pricedOn: pricedOn ?? now.pricedOn })
    store.settle()
    store.select(added.selected)
    close()
  }
  return { add, room }
}
