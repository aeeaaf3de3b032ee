import type { LadderBuild } from '../../api/answers'
import type { RungView } from '../../api/client'
import { formatAmount, formatDifference } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { Explained } from '../../working/Explained'
import { isPriced, whyUnpriced, type PricedRung } from './ladder'

type RungTableProps = { rungs: readonly RungView[]; from: LadderBuild['from'] }

/** The rungs with all their measures. */
export function RungTable({ rungs, from }: RungTableProps) {
  return (
    <div className="mt-2 overflow-x-auto" role="region" aria-label="Rates as a table" tabIndex={0}>
      <table className="figures-table figures-table-close w-full">
        <thead>
          <tr>
            <th scope="col">Rate</th>
            <th scope="col">Payment</th>
            <th scope="col">{from === 'RENEWAL' ? 'Change' : 'Difference'}</th>
            <th scope="col">Per year</th>
            <th scope="col">{from === 'RENEWAL' ? 'From then' : 'Whole loan'}</th>
          </tr>
        </thead>
        <tbody>
          {rungs.map((rung) => (
            <tr key={rung.ratePercent}>
              <th scope="row">{formatPercent(rung.ratePercent)}</th>
              {isPriced(rung) ? (
                <Figures rung={rung} from={from} />
              ) : (
                <td colSpan={4} className="text-soft" title={whyUnpriced(rung)}>
                  no figures<span className="sr-only">: {whyUnpriced(rung)}</span>
                </td>
              )}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}

function Figures({ rung, from }: { rung: PricedRung; from: LadderBuild['from'] }) {
  const subject = { of: 'rate', ratePercent: rung.ratePercent, from } as const
  const cells = [
    ['PAYMENT', formatAmount(rung.paymentCents)],
    ['RUNG_PER_PAYMENT', formatDifference(rung.perPaymentCents)],
    ['RUNG_PER_YEAR', formatDifference(rung.perYearCents)],
    ['RUNG_WHOLE_LOAN', formatDifference(rung.wholeLoanCents)],
  ] as const
  return cells.map(([figure, text]) => (
    <td key={figure}>
      <Explained figure={figure} subject={subject}>
        {text}
      </Explained>
    </td>
  ))
}
