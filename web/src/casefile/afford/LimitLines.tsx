import { Link } from '@tanstack/react-router'
import { formatDay } from '../../format/date'
import '../../ui/text-button.css'
import { useOpenCase } from '../CaseContext'
import { DeletedNote } from '../DeletedNote'
import { withHousehold } from './household'
import { isMissed, limitWords, measured, measureName, spareWords } from './readingWords'
import type { Affordability, Held } from './useAffordability'

/** Every limit set of the case's market: met or not, by how much, and which test decides. */
export function LimitLines({ affordability }: { affordability: Affordability }) {
  const { document } = useOpenCase()
  return (
    <section aria-labelledby="limits-heading">
      <div className="flex justify-between">
        <h2 id="limits-heading" className="heading">
          Limits
        </h2>
        <Link to="/practice/limits" className="text-button screen-only">
          Change limits
        </Link>
      </div>
      <DeletedNote
        kind="limit-sets"
        wanted={document.household.limitSet}
        among={affordability.sets}
        meanwhile={`checked against ${affordability.chosen.set.name}`}
      />
      <ul aria-label="Limits">
        {affordability.sets.map((held) => (
          <LimitLine key={held.id} held={held} isChosen={held.id === affordability.chosen.id} />
        ))}
      </ul>
    </section>
  )
}

function LimitLine({ held, isChosen }: { held: Held; isChosen: boolean }) {
  const { store, document, locale } = useOpenCase()
  const { set, view, isPublic } = held
  const deciding = view.binding === null ? undefined : view.readings[view.binding]
  return (
    <li className="border-rule border-b py-2">
      <p className="flex items-baseline justify-between gap-3">
        <button
          type="button"
          className="limit-name"
          aria-pressed={isChosen}
          onClick={() => {
            store.changeDocument(withHousehold(document, { limitSet: held.id }))
            store.settle()
          }}
        >
          {set.name}
        </button>
        <State view={view} />
      </p>
      {!isChosen && deciding && (
        <p className="text-soft text-[0.8125rem]">
          {measureName(deciding.measure, set)} {limitWords(deciding)}: {spareWords(deciding)}
        </p>
      )}
      {isChosen && (
        <>
          <ul aria-label={`Tests of ${set.name}`}>
            {view.readings.map((reading) => (
              <li key={reading.test} className="mt-1 flex justify-between gap-3 text-[0.8125rem]">
                <span>
                  {measureName(reading.measure, set)} {limitWords(reading)}
                  <span className={isMissed(reading) ? 'text-over block font-semibold' : 'text-soft block'}>
                    {spareWords(reading)}
                  </span>
                </span>
                <span className="font-figures text-base whitespace-nowrap">
                  {reading.reached === null ? '–' : measured(reading.measure, reading.reached)}
                </span>
              </li>
            ))}
          </ul>
          <p className="text-soft mt-2 text-xs">
            {set.source}, {formatDay(set.day, locale)}.{isPublic && ' Check before use.'}
          </p>
        </>
      )}
    </li>
  )
}

/** Whether a set is met; where all that is missing is unknown, that it cannot be told. */
function State({ view: { isMet, readings } }: { view: Held['view'] }) {
  if (isMet) return <span className="text-met font-semibold">met</span>
  if (readings.some(isMissed)) return <span className="text-over font-semibold">not met</span>
  return <span className="text-soft">cannot be told yet</span>
}
