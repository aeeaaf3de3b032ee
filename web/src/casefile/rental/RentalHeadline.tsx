import { coverText } from './lettingWords'
import { useLetting } from './useLetting'

/** How far the rent covers the loan, of what the programme asks. */
export function RentalHeadline() {
  const letting = useLetting()
  if (letting === 'not let') return 'not let'
  if (letting === 'no rent') return 'no rent yet'
  if (letting === 'pending' || 'refused' in letting) return ''
  const { chosen } = letting.view
  if (chosen?.cover == null) return ''
  return (
    <span className={chosen.lentAt ? undefined : 'text-over'}>
      covered {coverText(chosen.cover, chosen.coverUnit)}
    </span>
  )
}
