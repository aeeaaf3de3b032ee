import { describe, expect, it } from 'vitest'
import { aDocument } from '../test/documents'
import { asLoanAlone, asPurchase, baselineOf, withDownAmount, withDownPercent, withLoan } from './option'

const option = baselineOf(aDocument())

describe('changes of an option', () => {
  it('keeps money down either as an amount or as a share', () => {
    expect(withDownAmount(500)(option)).toMatchObject({ downCents: 500, downPercent: null })
    expect(withDownPercent(20)(withDownAmount(500)(option))).toMatchObject({
      downCents: null,
      downPercent: 20,
    })
  })

  it('takes what is not borrowed of a price as money down', () => {
    expect(withLoan(30000000)(option)).toMatchObject({
      downCents: 1270000,
      downPercent: null,
      loanCents: null,
    })
  })

  it('goes from a purchase to a loan alone and back', () => {
    const alone = asLoanAlone(26579500)(option)
    expect(alone).toMatchObject({ priceCents: null, downCents: null, downPercent: null, loanCents: 26579500 })
    expect(withLoan(100)(alone).loanCents).toBe(100)
    expect(asPurchase(alone)).toMatchObject({ priceCents: 26579500, downCents: 0, loanCents: null })
  })
})
