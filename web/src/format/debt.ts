import type { DebtDocument } from '../api/client'
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
  const balance = balanceCents === null ? [] : [formatEntry(balanceCents)]
  const rate = ratePercent === null ? [] : [formatPercent(ratePercent)]
  const [first = '', ...rest] = [...payment, ...left, ...balance, ...rate]
  return [`${name} ${first}`.trim(), ...rest].join(', ')
}
