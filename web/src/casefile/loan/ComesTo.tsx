import { formatAmount } from '../../format/amount'
import { formatDay } from '../../format/date'
import { formatRatio } from '../../format/percent'
import { Explained } from '../../working/Explained'
import type { FigureName } from '../../working/figureWords'
import { useOpenCase } from '../CaseContext'

type Line = [name: string, figure: FigureName, text: string]

/** What the loan comes to over its whole life. */
export function ComesTo() {
  return (
    <section aria-labelledby="comes-to-heading">
      <h2 id="comes-to-heading" className="heading">
        What it comes to
      </h2>
      <dl className="ledger ledger-close mt-1">
        {useLines().map(([name, figure, text]) => (
          <div key={name}>
            <dt>{name}</dt>
            <dd>
              <Explained figure={figure} testId={`total-${name}`}>
                {text}
              </Explained>
            </dd>
          </div>
        ))}
      </dl>
    </section>
  )
}

function useLines(): Line[] {
  const { figures, locale, words } = useOpenCase()
  const lines: Line[] = [
    ['Each payment', 'PAYMENT', formatAmount(figures.paymentCents)],
    ['Payments', 'PAYMENTS', figures.payments.toLocaleString(locale)],
    ['Last payment', 'LAST_PAYMENT', formatAmount(figures.lastPaymentCents)],
    ['Paid off', 'PAYOFF_DATE', formatDay(figures.payoffDate, locale)],
    ['Total interest', 'TOTAL_INTEREST', formatAmount(figures.totalInterestCents)],
    ['Total paid', 'TOTAL_PAID', formatAmount(figures.totalPaidCents)],
    ['Effective yearly rate', 'EFFECTIVE_RATE', formatRatio(figures.effectiveRatePercent, 4)],
  ]
  if (figures.annualPercentageRate !== null) {
    lines.push([words.creditCostRate, 'ANNUAL_PERCENTAGE_RATE', formatRatio(figures.annualPercentageRate, 3)])
  }
  if (figures.loanToValuePercent !== null) {
    lines.push(['Loan to value', 'LOAN_TO_VALUE', formatRatio(figures.loanToValuePercent, 2)])
  }
  if (figures.rateEnd) {
    lines.push([
      `Owed ${formatDay(figures.rateEnd.day, locale)}`,
      'RATE_END_BALANCE',
      formatAmount(figures.rateEnd.balanceCents),
    ])
  }
  if (figures.buydown) {
    lines.push(['Buydown subsidy', 'BUYDOWN_SUBSIDY', formatAmount(figures.buydown.subsidyCents)])
  }
  lines.push([
    `Cash at ${words.closing.toLowerCase()}`,
    'CASH_TO_CLOSE',
    formatAmount(figures.cashToClose.totalCents),
  ])
  return lines
}
