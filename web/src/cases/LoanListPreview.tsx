import type { LoanListView } from '../api/client'
import { formatAmount } from '../format/amount'
import { MARKETS } from '../format/market'
import { SharedClients } from './SharedClients'

/** The first loans of a list as they would be kept. */
export function LoanListPreview({ view }: { view: LoanListView }) {
  const { count, loans, market, currency } = view
  return (
    <section className="mt-4" aria-label="What comes in" role="status">
      <p>
        {count.toLocaleString('en-US')} {count === 1 ? 'loan' : 'loans'} with the conventions of{' '}
        {MARKETS[market].name}, in {currency}. Property tax, insurance and dues are imported where the list
        has them; no others are added.
      </p>
      {loans.length > 0 && (
        <div className="mt-2 max-h-56 overflow-auto" role="region" aria-label="First loans" tabIndex={0}>
          <table className="figures-table figures-table-close w-full">
            <thead>
              <tr>
                <th scope="col">Case</th>
                <th scope="col">Loan</th>
                <th scope="col">Rate</th>
                <th scope="col">Payment</th>
              </tr>
            </thead>
            <tbody>
              {loans.map(({ title, clients, loanCents, ratePercent, paymentCents }, index) => (
                <tr key={index}>
                  <th scope="row" className="font-words! text-sm! whitespace-normal!">
                    {title}
                    {clients !== '' && <span className="text-soft block text-[0.8125rem]">{clients}</span>}
                  </th>
                  <td>{formatAmount(loanCents)}</td>
                  <td>{ratePercent}&#8239;%</td>
                  <td>{formatAmount(paymentCents)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      {count > loans.length && (
        <p className="text-soft mt-1 text-xs">and {(count - loans.length).toLocaleString('en-US')} more</p>
      )}
      <SharedClients view={view} />
    </section>
  )
}
