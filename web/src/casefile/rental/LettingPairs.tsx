import { formatEntry } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { pointsWords } from '../afford/leverStep'
import { ApplyOffer } from '../options/ApplyOffer'
import { bindingWords, lentWords } from './lettingWords'
import { taking } from './RentTable'
import type { Letting } from './useLetting'

/** Rate and loan together: for each rate on offer, the most that the programme lends. */
export function LettingPairs({ letting: { view } }: { letting: Letting }) {
  // Of rates at which as much is lent the highest takes the fewest points.
  const pairs = (view.chosen?.loansByRate ?? []).filter(
    ({ lending }, index, all) =>
      lending.loanCents !== null && all[index + 1]?.lending.loanCents !== lending.loanCents,
  )
  if (pairs.length === 0) return null
  return (
    <section aria-labelledby="letting-pairs-heading" className="mt-8">
      <h2 id="letting-pairs-heading" className="heading">
        Each rate on offer, with the most that is lent
      </h2>
      <ul aria-label="Most lent by rate">
        {pairs.map(({ ratePercent, pointsPercent, lending }) => {
          const rate = `${formatPercent(ratePercent)} ${pointsWords(pointsPercent)}`
          return (
            <li key={ratePercent} className="pair">
              <span>
                {rate} <b>{formatEntry(lending.loanCents ?? 0)}</b>
                <span className="text-soft font-words ml-3 text-[0.8125rem]">
                  {lending.ratePercent !== ratePercent &&
                    `at ${formatPercent(lending.ratePercent ?? 0)} with the add-on; `}
                  {bindingWords(lending)}
                </span>
              </span>
              <ApplyOffer
                name={`${rate}, ${lentWords(lending)}`}
                offer={{ ratePercent, pointsPercent }}
                change={taking(lending)}
              />
            </li>
          )
        })}
      </ul>
    </section>
  )
}
