import type { PricedOnDocument } from '../../api/client'
import { useOpenCase } from '../CaseContext'
import type { OptionChange } from '../option'
import { addOption, MOST_OPTIONS, type Options } from '../options'
import { useOption } from '../OptionContext'

/** Takes changes over, and keeps with the case which rates they were priced on; null where no rates were looked at. */
export function useTakePriced() {
  const { store, document } = useOpenCase()
  const { option } = useOption()
  const room = MOST_OPTIONS - document.options.length
  /** Changes the option that is shown. */
  const apply = (change: OptionChange, pricedOn: PricedOnDocument | null) => {
    store.settle()
    store.changeOption(option.id, change)
    if (pricedOn) store.changeDocument({ pricedOn })
    store.settle()
  }
  /** Adds options made from the one that is shown, as many as there is room for, and shows the last. */
  const add = (changes: readonly OptionChange[], pricedOn: PricedOnDocument | null) => {
    const { options } = store.store.getState().document
    const added = changes
      .slice(0, room)
      .reduce<Options>((so, change) => addOption(option.id, change)(so.options), {
        options,
        selected: option.id,
      })
    store.settle()
    store.changeDocument({ options: added.options, ...(pricedOn && { pricedOn }) })
    store.settle()
    store.select(added.selected)
  }
  return { apply, add, room }
}
