import { describe, expect, it } from 'vitest'
import type { DebtDocument, ComparedFigures } from '../../api/client'
import { MARKETS } from '../../format/market'
import { aDocument } from '../../test/documents'
import { baselineOf, withPurchase, share, purchaseOf } from '../option'
import { alternativesTo, withPoints } from './alternatives'

const option = baselineOf(aDocument())
const figures = { downPercent: 15, paymentCents: 1632_18, baseLoanCents: 265795_00 } as ComparedFigures
/** With plain spaces before the percent signs. */
const plain = (words: string) => words.replaceAll('\u202f', ' ')
const start = { option, figures, words: MARKETS.US, debts: [] as DebtDocument[], isRenewal: false }
const offered = (given = start) =>
  alternativesTo(given).flatMap(({ alternatives }) => alternatives.map(({ words }) => plain(words)))
const made = (words: string, given = start) => {
  const found = alternativesTo(given)
    .flatMap(({ alternatives }) => alternatives)
    .find((each) => plain(each.words).startsWith(words))
  if (!found) throw new Error(`nothing begins with ${words}`)
  return found.change(given.option)
}

describe('ready-made alternatives', () => {
  it('begin from the option', () => {
    expect(offered()).toMatchInlineSnapshot(`
      [
        "10 years instead of 25 years",
        "20 years instead of 25 years",
        "30 years instead of 25 years",
        "20 % down, without mortgage insurance",
        "10 % down",
        "1 point for 5.25 %",
        "lender credit of 1 % for 5.75 %",
        "150 extra with each payment",
        "1,650 extra once a year",
        "half the payment every two weeks",
      ]
    `)
  })

  it('bring mortgage insurance in with less down', () => {
    const twenty = withPurchase({ down: share(20) })(option)
    const less = made('15', { ...start, option: twenty, figures: { ...figures, downPercent: 20 } })
    expect(less.housing.mortgageInsurancePercent).toBe(0.6)
    expect(purchaseOf(less)?.down).toEqual(share(15))
  })

  it('leave behind a payment that was chosen for the option as it was', () => {
    const paid = { ...option, features: { ...option.features, paymentCents: 1_900_00 } }
    for (const words of ['20 years', '20 % down', '1 point']) {
      expect(made(words, { ...start, option: paid }).features.paymentCents).toBeNull()
    }
  })

  it('put points in place of a credit, and take both away', () => {
    const credited = withPoints(-1)(option)
    expect(credited.closing.items).toMatchObject([{ kind: 'LENDER_CREDIT', amount: share(1) }])
    expect(withPoints(1.5)(credited).closing.items).toMatchObject([{ kind: 'POINTS', amount: share(1.5) }])
    expect(withPoints(0)(credited).closing.items).toEqual([])
  })

  it('refinance a loan that runs, with its debts', () => {
    const loan = { ...option, financing: { kind: 'LOAN_ONLY' as const, loanCents: 265795_00 } }
    const debts = [
      {
        id: 'car',
        name: 'Car',
        kind: null,
        balanceCents: 1,
        paymentCents: 1,
        ratePercent: 1,
        paymentsLeft: null,
        simulated: null,
      },
    ]
    const refinanced = made('Refinance at 4.75 %, debts', { ...start, option: loan, debts })
    expect(refinanced.financing).toMatchObject({
      kind: 'REFINANCING',
      balanceCents: 265795_00,
      debtsPaidOff: ['car'],
    })
    expect(refinanced.features.paymentCents).toBeNull()
  })

  it('renew at rates around the one that ends', () => {
    expect(offered({ ...start, isRenewal: true })).toContain('renewed at 6 %')
    expect(offered({ ...start, isRenewal: true })).not.toContain('1 point for 5.25 %')
  })
})
