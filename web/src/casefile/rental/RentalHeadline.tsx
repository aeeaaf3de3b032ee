import { useOpenCase } from '../CaseContext'
import { coverText } from './lettingWords'
import { useLetting } from './useLetting'

/** How far the rent covers the loan, of what the programme asks. */
export function RentalHeadline() {
  const { letting } = useOpenCase().document
  const { value } = useLetting()
  if (!letting) return 'not let'
  if (letting.rentCents === null) return 'no rent yet'
  if (value === null) return ''
  const { chosen } = value.view
  if (chosen?.cover == null) return ''
  return (
    <span className={chosen.lentAt ? undefined : 'text-over'}>
      covered {coverText(chosen.cover, chosen.coverUnit)}
    </span>
  )
}
