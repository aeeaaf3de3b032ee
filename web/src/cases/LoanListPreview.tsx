import type { LoanListView } from '../api/client'
import { formatMoney } from '../format/amount'
import { formatMonth } from '../format/date'
import { MARKETS } from '../format/market'

/** The first loans of a list as they would be kept. */
export function LoanListPreview({ view }: { view: LoanListView }) {
  const { count, loans, market, currency, faultCount } = view
  const { name, locale } = MARKETS[market]
  const money = (cents: number) => formatMoney(cents, locale, currency)
  return (
    <section className="mt-4" aria-label="What comes in" role="status">
      <p>
        {count.toLocaleString('en-US')} {count === 1 ? 'loan' : 'loans'} with the usual terms of {name}, in{' '}
        {currency}
        {faultCount > 0 && '; nothing is kept as long as a line is wrong'}.
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
                <th scope="col">Paid off</th>
              </tr>
            </thead>
            <tbody>
              {loans.map(({ title, clients, loanCents, ratePercent, paymentCents, payoffDate }, index) => (
                <tr key={index}>
                  <th scope="row" className="font-words!">
                    {title}
                    {clients !== '' && <span className="note">{clients}</span>}
                  </th>
                  <td>{money(loanCents)}</td>
                  <td>{ratePercent}&#8239;%</td>
                  <td>{money(paymentCents)}</td>
                  <td>{formatMonth(payoffDate, locale)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      {count > loans.length && (
        <p className="text-soft mt-1 text-xs">and {(count - loans.length).toLocaleString('en-US')} more</p>
      )}
    </section>
  )
}
