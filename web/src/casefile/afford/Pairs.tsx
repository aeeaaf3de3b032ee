import type { FitView } from '../../api/client'
import { formatAmount, formatEntry } from '../../format/amount'
import { formatPercent } from '../../format/percent'
import { useOpenCase } from '../CaseContext'
import { atLevelPayment, withLoan, withPaidOff, withTerms } from '../option'
import { ApplyOffer } from '../options/ApplyOffer'
import { pointsWords } from './leverStep'
import { ApplyButtons } from './ApplyButtons'
import type { Held } from './useAffordability'
import { debtNames } from './waysBeside'

/** What two changes do together: for each rate on offer the largest loan, and for debts paid off the highest rate. */
export function Pairs({ held }: { held: Held }) {
  const { fit } = held.view
  // Of rates that allow the same loan the highest takes the fewest points; a further debt that raises no rate takes cash for nothing.
  const loans = fit.loansByRate.filter(
    ({ loanCents }, index, all) => loanCents !== null && all[index + 1]?.loanCents !== loanCents,
  )
  const rates = fit.ratesByDebts.filter(
    ({ ratePercent }, index, all) => ratePercent !== null && ratePercent !== all[index - 1]?.ratePercent,
  )
  if (loans.length + rates.length === 0) return null
  return (
    <div className="mid:grid-cols-2 mt-8 grid items-start gap-x-8 gap-y-8">
      {loans.length > 0 && <LoansByRate loans={loans} />}
      {rates.length > 0 && <RatesByDebts rates={rates} />}
    </div>
  )
}

function LoansByRate({ loans }: { loans: FitView['loansByRate'] }) {
  return (
    <section aria-labelledby="loans-by-rate">
      <h2 id="loans-by-rate" className="heading">
        Each rate on offer, with the largest loan
      </h2>
      <ul aria-label="Largest loan by rate">
        {loans.map(({ ratePercent, pointsPercent, loanCents }) => {
          const rate = `${formatPercent(ratePercent)} ${pointsWords(pointsPercent)}`
          return (
            <li key={ratePercent} className="pair">
              <span>
                {rate} <b>{formatEntry(loanCents ?? 0)}</b>
              </span>
              <ApplyOffer
                name={`${rate}, a loan of ${formatEntry(loanCents ?? 0)}`}
                offer={{ ratePercent, pointsPercent }}
                change={(from) => withLoan(loanCents ?? 0)(atLevelPayment(from))}
              />
            </li>
          )
        })}
      </ul>
    </section>
  )
}

function RatesByDebts({ rates }: { rates: FitView['ratesByDebts'] }) {
  const { document } = useOpenCase()
  return (
    <section aria-labelledby="rates-by-debts">
      <h2 id="rates-by-debts" className="heading">
        Debts paid off, with the highest rate
      </h2>
      <ul aria-label="Highest rate by debts paid off">
        {rates.map(({ debts, ratePercent }) => {
          const names = debtNames(debts.debts, document.debts)
          return (
            <li key={debts.debts.join()} className="pair">
              <span>
                {names} <b>{formatPercent(ratePercent ?? 0)}</b>
                <span className="text-soft font-words ml-3 text-[0.8125rem]">
                  takes {formatAmount(debts.cashCents)}
                  {debts.covered ? '' : ', more than they have left'}
                </span>
              </span>
              <ApplyButtons
                name={`paying off ${names} at ${formatPercent(ratePercent ?? 0)}`}
                change={(from) =>
                  withPaidOff(debts.debts)(withTerms({ ratePercent: ratePercent ?? 0 })(atLevelPayment(from)))
                }
              />
            </li>
          )
        })}
      </ul>
    </section>
  )
}
