import type { RungView } from '../../api/client'
import { formatAmount, formatDifference } from '../../format/amount'
import { formatPercent } from '../../format/percent'

/** The rungs with all their measures. */
export function RungTable({ rungs }: { rungs: readonly RungView[] }) {
  return (
    <div className="mt-2 overflow-x-auto" role="region" aria-label="Rates as a table" tabIndex={0}>
      <table className="figures-table figures-table-close w-full">
        <thead>
          <tr>
            <th scope="col">Rate</th>
            <th scope="col">Payment</th>
            <th scope="col">Each</th>
            <th scope="col">A year</th>
            <th scope="col">Life</th>
          </tr>
        </thead>
        <tbody>
          {rungs.map((rung) => (
            <tr key={rung.ratePercent}>
              <th scope="row">{formatPercent(rung.ratePercent)}</th>
              <td>{formatAmount(rung.paymentCents)}</td>
              <td>{formatDifference(rung.perPaymentCents)}</td>
              <td>{formatDifference(rung.perYearCents)}</td>
              <td>{formatDifference(rung.overTheLifeCents)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}
