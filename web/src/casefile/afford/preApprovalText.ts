import type { BorrowingView, CaseDocument, OptionDocument } from '../../api/client'
import { formatAmount, formatEntry } from '../../format/amount'
import type { MarketWords } from '../../format/market'
import { formatPercent } from '../../format/percent'
import { formatTerm } from '../../format/term'

type PreApprovalFacts = {
  document: CaseDocument
  option: OptionDocument
  most: BorrowingView['sets'][number]
  /** The limit set that it keeps to, by name. */
  limits: string
  practice: string
  /** The day it is written, in words. */
  day: string
  words: MarketWords
}

/** A pre-approval in paragraphs, without any income or debt: it is shown to those who sell. */
export function preApprovalText({
  document,
  option,
  most,
  limits,
  practice,
  day,
  words,
}: PreApprovalFacts): string[] {
  const { priceCents, downCents, loanCents, housing, cashToCloseCents } = most
  return [
    `${practice}, ${day}`,
    `${document.clients || 'Our clients'} can buy a home for up to ${formatEntry(priceCents ?? 0)}, as far as we can tell today.`,
    `That is ${formatEntry(downCents ?? 0)} ${words.down} and a loan of ${formatEntry(loanCents ?? 0)} at ${formatPercent(option.terms.ratePercent)} over ${formatTerm(option.terms.amortizationMonths)}: ${formatAmount(housing?.totalCents ?? 0)} a month for the home with tax and insurance, and ${formatAmount(cashToCloseCents ?? 0)} at ${words.closing.toLowerCase()}.`,
    `It keeps to the limits of ${limits}, and rests on what the clients told us of their incomes, debts and money, which the lender will ask them to show.`,
    'It is no promise of a loan: the rate, the home and its value, and the lender’s decision can change it.',
  ]
}
