import { useOpenCase } from '../CaseContext'
import { coverText } from './lettingWords'
import { useOption } from '../OptionContext'

/** How far the rent covers the loan, of what the programme asks. */
export function RentalHeadline() {
  const { letting } = useOpenCase().document
  const { answered, headlines } = useOption()
  if (!letting) return 'not let'
  if (letting.rentCents === null) return 'no rent yet'
  const held = headlines?.view.options[answered.index]?.letting
  if (held?.cover == null) return ''
  return (
    <span className={held.isLent ? undefined : 'text-over'}>
      covered {coverText(held.cover, held.coverUnit)}
    </span>
  )
}
