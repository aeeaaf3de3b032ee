import type { OptionDocument } from '../../api/client'
import { MenuItem } from '../../ui/Menu'
import { useOpenCase } from '../CaseContext'
import { recommendedOf } from '../option'

/** Recommends an option to the clients, or no longer: a hand-out is about it then, whichever costs least. */
export function RecommendItem({ option }: { option: OptionDocument }) {
  const { store, document } = useOpenCase()
  const isRecommended = recommendedOf(document)?.id === option.id
  return (
    <MenuItem
      onSelect={() => {
        store.changeDocument({ recommended: isRecommended ? null : option.id })
        store.settle()
      }}
    >
      {isRecommended ? 'Withdraw recommendation' : 'Recommend'}
    </MenuItem>
  )
}
