import { Ledger } from '../../ui/Ledger'
import type { OptionView } from '../../api/client'
import { monthsBetween } from '../../entry/date'
import { formatAmount } from '../../format/amount'
import { formatDay } from '../../format/date'
import { formatRatio } from '../../format/percent'
import { shortTerm } from '../../format/term'
import { Explained } from '../../working/Explained'
import type { FigureName } from '../../working/figureWords'
import { useOpenCase } from '../CaseContext'
import { useOption } from '../OptionContext'

type Line = [name: string, figure: FigureName, text: string, note?: string | undefined]

/** What the loan comes to over its whole life. */
export function ComesTo() {
  return (
    <section aria-labelledby="summary-heading">
      <h2 id="summary-heading" className="heading">
        Loan summary
      </h2>
      <Ledger className="ledger-close mt-1">
        {useLines().map(([name, figure, text, note]) => (
          <div key={name}>
            <dt>
              {name} {note && <span className="note">{note}</span>}
            </dt>
            <dd>
              <Explained figure={figure} testId={`total-${figure}`}>
                {text}
              </Explained>
            </dd>
          </div>
        ))}
      </Ledger>
    </section>
  )
}

function useLines(): Line[] {
  const { locale, words } = useOpenCase()
  const { figures } = useOption()
  const lines: Line[] = [
    ['Each payment', 'PAYMENT', formatAmount(figures.paymentCents)],
    ['Payments', 'PAYMENTS', figures.payments.toLocaleString(locale)],
    ['Last payment', 'LAST_PAYMENT', formatAmount(figures.lastPaymentCents)],
    ['Paid off', 'PAYOFF_DATE', formatDay(figures.payoffDate, locale), earlierWords(figures)],
    ['Total interest', 'TOTAL_INTEREST', formatAmount(figures.totalInterestCents)],
    ...savedLine(figures),
    ['Total paid', 'TOTAL_PAID', formatAmount(figures.totalPaidCents)],
    ['Effective annual rate', 'EFFECTIVE_RATE', formatRatio(figures.effectiveRatePercent, 4)],
  ]
  if (figures.annualPercentageRate !== null) {
    lines.push([words.creditCostRate, 'ANNUAL_PERCENTAGE_RATE', formatRatio(figures.annualPercentageRate, 3)])
  }
  if (figures.loanToValuePercent !== null) {
    lines.push(['Loan-to-value', 'LOAN_TO_VALUE', formatRatio(figures.loanToValuePercent, 2)])
  }
  if (figures.rateEnd) {
    lines.push([
      `Balance on ${formatDay(figures.rateEnd.day, locale)}`,
      'RATE_END_BALANCE',
      formatAmount(figures.rateEnd.balanceCents),
    ])
  }
  if (figures.buydown) {
    lines.push(['Buydown subsidy', 'BUYDOWN_SUBSIDY', formatAmount(figures.buydown.subsidyCents)])
  }
  lines.push([words.cashToClose, 'CASH_TO_CLOSE', formatAmount(figures.cashToClose.totalCents)])
  return lines
}

/** What extra payments save, beside the interest that it is gone from; nothing where they save nothing. */
function savedLine({ extrasSaving }: OptionView): Line[] {
  return extrasSaving && extrasSaving.savedCents > 0
    ? [['Interest saved', 'INTEREST_SAVED', formatAmount(extrasSaving.savedCents), 'by extras']]
    : []
}

/** By how long extra payments end the loan earlier; nothing where they do not. */
function earlierWords({ extrasSaving, payoffDate }: OptionView): string | undefined {
  const months = extrasSaving ? monthsBetween(payoffDate, extrasSaving.payoffDate) : 0
  return months > 0 ? `${shortTerm(months)} earlier` : undefined
}
