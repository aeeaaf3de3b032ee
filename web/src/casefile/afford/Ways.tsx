import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'
import { loanFits, waysOf } from './leverWords'
import { Take } from './Take'
import type { Held } from './useAffordability'
import type { Way } from './way'
import { waysBeside } from './waysBeside'

/** What would make it fit, each by itself: as a sentence with its solved figure, and taken by one action. */
export function Ways({ held }: { held: Held }) {
  const { document, words } = useOpenCase()
  const { option, figures } = useOption()
  const { fit, readings } = held.view
  if (readings.some(({ unknown }) => unknown === 'NO_INCOME')) return null
  const fits = loanFits(readings)
  const ways = waysOf({ option, figures, words, fit, fits })
  return (
    <section aria-labelledby="ways-heading" className="mt-8">
      <h2 id="ways-heading" className="heading">
        {fits ? 'It fits up to any one of these' : 'Any one of these makes it fit'}
      </h2>
      <ul aria-label="Ways to make it fit">
        {[...ways, ...waysBeside(fit, document.debts)].map((way) => (
          <WayLine key={way.key} way={way} />
        ))}
      </ul>
    </section>
  )
}

function WayLine({ way: { words, note, change } }: { way: Way }) {
  const [before, figure, behind] = words
  const name = words.filter((each) => each !== '').join(' ')
  return (
    <li className="border-rule flex flex-wrap items-baseline justify-between gap-x-6 border-b py-2">
      <span>
        <span className="font-figures text-lg">
          {before} <b>{figure}</b> {behind}
        </span>
        {note !== '' && <span className="text-soft ml-3 text-[0.8125rem]">{note}</span>}
      </span>
      {change && <Take name={name} change={change} />}
    </li>
  )
}
