import { describe, expect, it } from 'vitest'
import type { OptionView } from '../../api/client'
import { aDocument } from '../../test/documents'
import { baselineOf, withFeatures } from '../option'
import { changeToRate, ownRate } from './ladder'

const option = baselineOf(aDocument())
const renewing = {
  rateEnd: { afterPayment: 60, day: '2032-02-01', balanceCents: 1, paymentsLeft: 240 },
} as OptionView

describe('a rate of the ladder', () => {
  it('becomes the rate of today', () => {
    const today = changeToRate(4.5, renewing, 'BEGINNING')(option)
    expect(today.terms.ratePercent).toBe(4.5)
    expect(today.features.rateChanges).toEqual([])
  })

  it('becomes a rate change at the renewal, and leaves today’s rate alone', () => {
    const renewed = changeToRate(4.5, renewing, 'RENEWAL')(option)
    expect(renewed.terms.ratePercent).toBe(option.terms.ratePercent)
    expect(renewed.features.rateChanges).toMatchObject([{ fromPayment: 61, fromDay: null, ratePercent: 4.5 }])
    expect(ownRate(renewed, renewing, 'RENEWAL')).toBe(4.5)
    expect(ownRate(renewed, renewing, 'BEGINNING')).toBe(option.terms.ratePercent)
  })

  it('replaces the rate agreed for the renewal before', () => {
    const renewed = changeToRate(4.5, renewing, 'RENEWAL')(option)
    expect(changeToRate(5, renewing, 'RENEWAL')(renewed).features.rateChanges).toEqual([
      { id: renewed.features.rateChanges[0]?.id, fromPayment: 61, fromDay: null, ratePercent: 5 },
    ])
  })

  it('replaces one agreed by its day, and stands in order between those before and after', () => {
    const byDay = (fromDay: string, ratePercent: number) => ({
      id: fromDay,
      fromPayment: null,
      fromDay,
      ratePercent,
    })
    const planned = withFeatures({
      rateChanges: [byDay('2030-03-01', 6), byDay('2032-03-01', 6.5), byDay('2032-03-02', 7)],
    })(option)
    expect(ownRate(planned, renewing, 'RENEWAL')).toBe(6.5)
    expect(changeToRate(5, renewing, 'RENEWAL')(planned).features.rateChanges).toEqual([
      byDay('2030-03-01', 6),
      { id: '2032-03-01', fromPayment: 61, fromDay: null, ratePercent: 5 },
      byDay('2032-03-02', 7),
    ])
  })
})
