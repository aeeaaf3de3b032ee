import type { FeatureNote } from '../api/client'
import { formatAmount } from '../format/amount'
import { formatDay } from '../format/date'

const SUBJECTS: [start: string, subject: string][] = [
  ['/features/extras', 'An extra payment'],
  ['/features/rateChanges', 'A rate change'],
  ['/features/paymentSteps', 'A later payment'],
  ['/features/interestOnlyPayments', 'The end of the interest-only period'],
  ['/terms/rateTermMonths', 'The end of the fixed-rate period'],
  ['/features/balloonCents', 'The balloon payment'],
]

/** What a feature of the loan does instead of what the sentence says, as a sentence of its own. */
export function noteWords({ pointer, kind, day, cents }: FeatureNote, locale: string): string {
  const amount = formatAmount(cents ?? 0)
  switch (kind) {
    case 'PAID_OFF_BEFORE':
      return `${subjectOf(pointer)} has no effect: the loan is paid off by ${formatDay(day, locale)}.`
    case 'ENDS_NO_EARLIER':
      return `Extra payments end this loan no earlier: its last payment becomes ${amount}.`
    case 'BALLOON_IS':
      return `The balloon payment is ${amount}.`
    case 'RECALCULATED':
      return `The custom payment is recalculated to ${amount} from ${formatDay(day, locale)}.`
    case 'LAST_PAYMENT_IS':
      return `The custom payment leaves a balance: the last payment is ${amount}.`
  }
}

const subjectOf = (pointer: string) =>
  SUBJECTS.find(([start]) => pointer.startsWith(start))?.[1] ?? 'A feature of the loan'
