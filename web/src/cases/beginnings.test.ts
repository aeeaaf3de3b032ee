import { expect, it } from 'vitest'
import { aDocument } from '../test/documents'
import { begunFrom } from './beginnings'

const loan = { balanceCents: 23381498, ratePercent: 6.625, paymentCents: 164240, monthsLeft: 280 }

it('a loan that runs is kept with its own payment', async () => {
  const begun = await begunFrom('running', aDocument(), loan)
  expect(begun.presentPayment).toEqual({ cents: 164240, frequency: 'MONTHLY' })
  expect(begun.options[0]).toMatchObject({
    name: 'Stay',
    financing: { kind: 'LOAN_ONLY', loanCents: 23381498 },
    terms: { ratePercent: 6.625, amortizationMonths: 280 },
    features: { paymentCents: 164240 },
  })
})

it('a rate that ends is renewed at a payment calculated again', async () => {
  const begun = await begunFrom('renewal', aDocument(), loan)
  expect(begun.options[0]?.features.paymentCents).toBeNull()
  expect(begun.presentPayment?.cents).toBe(164240)
})

it('a purchase is the market’s usual case, and a loan needs all its figures', async () => {
  expect(await begunFrom('purchase', aDocument(), {})).toEqual(aDocument())
  await expect(begunFrom('running', aDocument(), { balanceCents: 1 })).rejects.toThrow('three of the four')
})
