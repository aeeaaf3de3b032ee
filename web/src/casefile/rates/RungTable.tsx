import type { LadderBuild } from '../../api/answers'
import type { RungView } from '../../api/client'
import { formatAmount, formatDifference } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { Explained } from '../../working/Explained'

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
            <th scope="col">Each</th>
            <th scope="col">A year</th>
            <th scope="col">Life</th>
          </tr>
        </thead>
        <tbody>
          {rungs.map((rung) => {
            const subject = { of: 'rate', ratePercent: rung.ratePercent, from } as const
            return (
              <tr key={rung.ratePercent}>
                <th scope="row">{formatPercent(rung.ratePercent)}</th>
                <td>
                  <Explained figure="PAYMENT" subject={subject}>
                    {formatAmount(rung.paymentCents)}
                  </Explained>
                </td>
                <td>
                  <Explained figure="RUNG_PER_PAYMENT" subject={subject}>
                    {formatDifference(rung.perPaymentCents)}
                  </Explained>
                </td>
                <td>
                  <Explained figure="RUNG_PER_YEAR" subject={subject}>
                    {formatDifference(rung.perYearCents)}
                  </Explained>
                </td>
                <td>
                  <Explained figure="RUNG_OVER_THE_LIFE" subject={subject}>
                    {formatDifference(rung.overTheLifeCents)}
                  </Explained>
                </td>
              </tr>
            )
          })}
        </tbody>
      </table>
    </div>
  )
}
