import { formatDifference, formatEntry } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { useOpenCase } from '../CaseContext'
import { leverName, leverStep, rateNote, smallestOf } from '../afford/leverStep'
import type { Way } from '../afford/way'
import { WayLine } from '../afford/WayLine'
import { withHousing } from '../option'
import { useOption, type OpenOption } from '../OptionContext'
import type { MarketWords } from '../../format/market'
import { InsuranceQuotes } from './InsuranceQuotes'
import type { Letting } from './useLetting'

/** What would make the programme lend the loan, each by itself; where it does already, how far each could go. */
export function LettingWays({ letting }: { letting: Letting }) {
  const { words } = useOpenCase()
  const open = useOption()
  const { chosen } = letting.view
  if (chosen === null) return null
  const fits = chosen.lentAt !== null
  const ways = [...rentWays(letting), ...loanWays(letting, open, words)]
  const smallest = fits ? undefined : smallestOf(ways)
  return (
    <section aria-labelledby="letting-ways-heading" className="mt-8">
      <h2 id="letting-ways-heading" className="heading">
        {fits ? 'It is lent up to any one of these' : 'Any one of these makes it work'}
      </h2>
      <ul aria-label="Ways to make it work">
        {ways.map((way) => (
          <WayLine key={way.key} way={way} isSmallest={way.key === smallest} />
        ))}
      </ul>
      {chosen.mostInsuranceCents !== null && <InsuranceQuotes mostCents={chosen.mostInsuranceCents} />}
    </section>
  )
}

function loanWays({ view: { chosen } }: Letting, { option, figures }: OpenOption, words: MarketWords): Way[] {
  if (chosen === null) return []
  const fits = chosen.lentAt !== null
  return chosen.levers.map(({ lever, value, cashChangeCents, lentAt }) =>
    value === null
      ? {
          key: lever,
          words: [`${leverName(lever, words)} alone cannot do it`, '', ''],
          note: '',
          size: Infinity,
        }
      : {
          ...leverStep(lever, value, { option, figures, words, fits }),
          note: [
            lever === 'RATE' && !fits ? rateNote(value, chosen.loansByRate) : '',
            cashChangeCents ? `${formatDifference(cashChangeCents)} at closing` : '',
            lentAt && lentAt.addOnPercent > 0 ? `lent at ${formatPercent(lentAt.ratePercent)}` : '',
          ]
            .filter((each) => each !== '')
            .join('; '),
        },
  )
}

/** The least rent, and where the insurance decides, the most that it may cost. */
function rentWays({ letting, view: { chosen } }: Letting): Way[] {
  if (chosen === null) return []
  const { leastRentCents, mostInsuranceCents } = chosen
  const lends = chosen.lentAt !== null
  const rent = letting.rentCents ?? 0
  const least: Way =
    leastRentCents === null
      ? {
          key: 'rent',
          words: ['No rent is enough for this loan', '', ''],
          note: 'it is above every share of the value',
          size: Infinity,
        }
      : {
          key: 'rent',
          words: [
            lends ? 'A rent of at least' : 'A rent of',
            formatEntry(leastRentCents),
            lends ? 'a month' : `a month instead of ${formatEntry(rent)}`,
          ],
          note: '',
          size: rent === 0 ? Infinity : Math.abs(leastRentCents - rent) / rent,
        }
  return mostInsuranceCents === null
    ? [least]
    : [
        least,
        {
          key: 'insurance',
          words: [
            lends ? 'Home insurance of up to' : 'Home insurance of',
            formatEntry(mostInsuranceCents),
            lends ? 'a year' : 'a year or less',
          ],
          note: lends ? '' : 'such as by a higher deductible',
          size: 1,
          ...(lends
            ? {}
            : {
                change: withHousing({ homeInsuranceCents: mostInsuranceCents, homeInsuranceEstimate: null }),
              }),
        },
      ]
}
