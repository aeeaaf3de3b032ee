import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { smallestOf } from './leverStep'
import { loanFits, waysOf } from './leverWords'
import type { Held } from './useAffordability'
import { WayLine } from './WayLine'
import { waysBeside } from './waysBeside'

/** What would make it fit, each by itself: as a sentence with its solved figure, and taken by one action. */
export function Ways({ held }: { held: Held }) {
  const { document, words } = useOpenCase()
  const { option, figures } = useOption()
  const { fit, readings } = held.view
  if (readings.some(({ unknown }) => unknown === 'NO_INCOME')) return null
  const fits = loanFits(readings)
  const ways = waysOf({ option, figures, words, fit, fits })
  const smallest = fits ? undefined : smallestOf(ways)
  return (
    <section aria-labelledby="ways-heading" className="mt-8">
      <h2 id="ways-heading" className="heading">
        {fits ? 'It fits up to any one of these' : 'Any one of these makes it fit'}
      </h2>
      <ul aria-label="Ways to make it fit">
        {[...ways, ...waysBeside(fit, document.debts)].map((way) => (
          <WayLine key={way.key} way={way} isSmallest={way.key === smallest} />
        ))}
      </ul>
    </section>
  )
}
