import { expect, it } from 'vitest'
import { aDocument } from '../../test/documents'
import { baselineOf, homeValueOf, share, withHousing, withTerms } from '../option'
import { renewalOf } from './renewal'

it('a renewal is the balance over what is left, beside what is paid until then', () => {
  const document = aDocument({ conclusion: 'Of the first five years.' })
  const rateEnd = { afterPayment: 60, balanceCents: 23456789, day: '2032-02-01', paymentsLeft: 240 }
  const renewal = renewalOf(document, baselineOf(document), { rateEnd, paymentCents: 163218 })

  expect(renewal).toMatchObject({
    title: 'Lot 3, Fern Rise, renewal 2032',
    presentPayment: { cents: 163218, frequency: 'MONTHLY' },
    conclusion: null,
  })
  expect(renewal?.options.map(({ terms }) => terms.ratePercent)).toEqual([5.5, 6, 6.5])
  expect(renewal?.options[0]).toMatchObject({
    financing: { kind: 'LOAN_ONLY', loanCents: 23456789 },
    terms: { amortizationMonths: 240, firstPayment: '2032-03-01' },
  })
  expect(renewalOf(document, baselineOf(document), { rateEnd: null, paymentCents: 1 })).toBeNull()

  const taxed = withHousing({ propertyTax: share(1.2) })(baselineOf(document))
  const price = homeValueOf(taxed) ?? 0
  expect(renewalOf(document, taxed, { rateEnd, paymentCents: 1 })?.options[0]?.housing.propertyTax).toEqual({
    cents: Math.round(price * 0.012),
    percent: null,
  })
})

it('a renewal paid every two weeks goes on two weeks later, at rates without the tails of binary fractions', () => {
  const document = aDocument()
  const option = withTerms({ frequency: 'BIWEEKLY', ratePercent: 3.94 })(baselineOf(document))
  const rateEnd = { afterPayment: 130, balanceCents: 1_00, day: '2032-02-20', paymentsLeft: 520 }
  const renewal = renewalOf(document, option, { rateEnd, paymentCents: 1 })

  expect(renewal?.options[0]?.terms).toMatchObject({ amortizationMonths: 240, firstPayment: '2032-03-05' })
  expect(renewal?.options.map(({ terms }) => terms.ratePercent)).toEqual([3.94, 4.44, 4.94])
})
