import { api, dataOf, type OptionDocument, type SolutionDocument } from '../api/client'

type Given = Partial<
  Pick<SolutionDocument, 'loanCents' | 'ratePercent' | 'payments' | 'paymentCents' | 'afterPayments'>
>

const NOTHING = {
  loanCents: null,
  ratePercent: null,
  payments: null,
  paymentCents: null,
  balloonCents: null,
  afterPayments: null,
}

/** A figure of a loan from the others, under the conventions of an option. */
export async function solve(
  { terms: { compounding, frequency, rounding } }: OptionDocument,
  unknown: 'PAYMENT' | 'LOAN' | 'RATE' | 'PAYMENTS' | 'BALANCE',
  given: Given,
) {
  return dataOf(
    await api.POST('/api/solutions/{unknown}', {
      params: { path: { unknown } },
      body: { ...NOTHING, compounding, frequency, rounding, ...given },
    }),
  )
}
