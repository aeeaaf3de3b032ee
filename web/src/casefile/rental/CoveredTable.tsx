import type { ProgrammeAnswerView } from '../../api/client'
import { formatEntry } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { coverText } from './lettingWords'
import type { Letting } from './useLetting'

/** What covers the loan once, and as often as each band asks: each with all else kept. */
export function CoveredTable({ letting: { view } }: { letting: Letting }) {
  const { chosen } = view
  if (chosen === null) return null
  const isBought = chosen.covered.some(({ priceCents }) => priceCents !== null)
  return (
    <section aria-labelledby="covered-heading" className="mt-8">
      <h2 id="covered-heading" className="heading">
        What covers it so often, each with all else kept
      </h2>
      <div className="overflow-x-auto" role="region" aria-label="What covers it, as a table" tabIndex={0}>
        <table className="rent-table">
          <thead>
            <tr>
              <th scope="col">Cover</th>
              <th scope="col">rent of at least</th>
              {isBought && <th scope="col">price of at most</th>}
              <th scope="col">rate of at most</th>
              <th scope="col">loan of at most</th>
            </tr>
          </thead>
          <tbody>
            {chosen.covered.map((each) => (
              <CoveredRow key={each.cover} row={each} unit={chosen.coverUnit} isBought={isBought} />
            ))}
          </tbody>
        </table>
      </div>
    </section>
  )
}

type CoveredRowProps = {
  row: ProgrammeAnswerView['covered'][number]
  unit: ProgrammeAnswerView['coverUnit']
  isBought: boolean
}

function CoveredRow({ row, unit, isBought }: CoveredRowProps) {
  const { cover, rentCents, priceCents, ratePercent, loanCents } = row
  const amount = (cents: number | null) => (cents === null ? 'none' : formatEntry(cents))
  return (
    <tr>
      <th scope="row">{coverText(cover, unit)}</th>
      <td className="font-figures text-base">{amount(rentCents)}</td>
      {isBought && <td className="font-figures text-base">{amount(priceCents)}</td>}
      <td className="font-figures text-base">{ratePercent === null ? 'none' : formatPercent(ratePercent)}</td>
      <td className="font-figures text-base">{amount(loanCents)}</td>
    </tr>
  )
}
