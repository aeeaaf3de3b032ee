import { describe, expect, it } from 'vitest'
import { aDocument } from '../test/documents'
import {
  asLoanOnly,
  asPurchase,
  baselineOf,
  loanOnlyCents,
  purchaseOf,
  withDownAmount,
  withDownPercent,
  withLoan,
} from './option'

const option = baselineOf(aDocument())

describe('changes of an option', () => {
  it('keep the down payment either as an amount or as a share', () => {
    expect(purchaseOf(withDownAmount(500)(option))?.down).toEqual({ cents: 500, percent: null })
    expect(purchaseOf(withDownPercent(20)(withDownAmount(500)(option)))?.down).toEqual({
      cents: null,
      percent: 20,
    })
  })

  it('take what is not borrowed of a price as the down payment', () => {
    expect(purchaseOf(withLoan(30000000)(option))).toMatchObject({
      priceCents: 31270000,
      down: { cents: 1270000, percent: null },
    })
  })

  it('go from a purchase to a loan without a price and back', () => {
    const alone = asLoanOnly(26579500)(option)
    expect(alone.financing).toEqual({ kind: 'LOAN_ONLY', loanCents: 26579500 })
    expect(loanOnlyCents(withLoan(100)(alone))).toBe(100)
    expect(withDownAmount(5)(alone)).toBe(alone)
    expect(purchaseOf(asPurchase(26579500)(alone))).toMatchObject({
      priceCents: 26579500,
      down: { cents: 0, percent: null },
    })
  })
})
