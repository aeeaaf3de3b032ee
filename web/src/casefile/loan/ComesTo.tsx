import { formatAmount } from '../../format/amount'
import { formatDay } from '../../format/date'
import { formatRatio } from '../../format/percent'
import { useOpenCase } from '../CaseContext'

/** What the loan comes to over its whole life. */
export function ComesTo() {
  const { figures, locale } = useOpenCase()
  const lines: [string, string][] = [
    ['Each payment', formatAmount(figures.paymentCents)],
    ['Payments', figures.payments.toLocaleString(locale)],
    ['Last payment', formatAmount(figures.lastPaymentCents)],
    ['Paid off', formatDay(figures.payoffDate, locale)],
    ['Total interest', formatAmount(figures.totalInterestCents)],
    ['Total paid', formatAmount(figures.totalPaidCents)],
    ['Effective yearly rate', formatRatio(figures.effectiveRatePercent, 4)],
  ]
  if (figures.downCents !== null && figures.loanToValuePercent !== null) {
    lines.push(['Money down', formatAmount(figures.downCents)])
    lines.push(['Loan to value', formatRatio(figures.loanToValuePercent, 2)])
  }
  return (
    <section aria-labelledby="comes-to-heading">
      <h2 id="comes-to-heading" className="heading">
        What it comes to
      </h2>
      <dl className="ledger mt-1">
        {lines.map(([name, text]) => (
          <div key={name}>
            <dt>{name}</dt>
            <dd data-testid={`total-${name}`}>{text}</dd>
          </div>
        ))}
      </dl>
    </section>
  )
}
