import type { DebtDocument } from '../api/client'
import { kindOf } from '../entry/debt'
import { formatEntry } from './amount'
import { formatPercent } from './percent'

/** A debt as it is spoken: car 412, 31 months, 11,900. */
export function formatDebt({
  name,
  paymentCents,
  balanceCents,
  ratePercent,
  paymentsLeft,
}: Omit<DebtDocument, 'id' | 'kind'>): string {
  const payment = paymentCents === null ? [] : [formatEntry(paymentCents)]
  const left = paymentsLeft === null ? [] : [`${paymentsLeft} months`]
  // What a student owes is read from one amount without saying so.
  const owed = paymentCents === null && kindOf(name) !== 'STUDENT_LOAN' ? ' owed' : ''
  const balance = balanceCents === null ? [] : [`${formatEntry(balanceCents)}${owed}`]
  const rate = ratePercent === null ? [] : [formatPercent(ratePercent)]
  const [first = '', ...rest] =
    paymentCents === null ? [...balance, ...left, ...rate] : [...payment, ...left, ...balance, ...rate]
  return [`${name} ${first}`.trim(), ...rest].join(', ')
}
