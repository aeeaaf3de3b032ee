import { describe, expect, it } from 'vitest'
import type { OptionView } from '../../api/client'
import { aDocument } from '../../test/documents'
import { baselineOf } from '../option'
import { changeToRate, ownRate } from './ladder'

const option = baselineOf(aDocument())
const renewing = {
  rateEnd: { afterPayment: 60, day: '2032-02-01', balanceCents: 1, paymentsLeft: 240 },
} as OptionView

describe('a rate of the ladder', () => {
  it('becomes the rate of today', () => {
    expect(changeToRate(4.5, renewing, 'BEGINNING')(option)).toMatchObject({
      ratePercent: 4.5,
      rateChanges: [],
    })
  })

  it('becomes a rate change at the renewal, and leaves today’s rate alone', () => {
    const renewed = changeToRate(4.5, renewing, 'RENEWAL')(option)
    expect(renewed.ratePercent).toBe(option.ratePercent)
    expect(renewed.rateChanges).toEqual([{ fromPayment: 61, fromDay: null, ratePercent: 4.5 }])
    expect(ownRate(renewed, renewing, 'RENEWAL')).toBe(4.5)
    expect(ownRate(renewed, renewing, 'BEGINNING')).toBe(option.ratePercent)
  })

  it('replaces the rate agreed for the renewal before', () => {
    const renewed = changeToRate(4.5, renewing, 'RENEWAL')(option)
    expect(changeToRate(5, renewing, 'RENEWAL')(renewed).rateChanges).toEqual([
      { fromPayment: 61, fromDay: null, ratePercent: 5 },
    ])
  })

  it('replaces one agreed by its day, and stands in order between those before and after', () => {
    const byDay = (fromDay: string, ratePercent: number) => ({ fromPayment: null, fromDay, ratePercent })
    const planned = {
      ...option,
      rateChanges: [byDay('2030-03-01', 6), byDay('2032-03-01', 6.5), byDay('2032-03-02', 7)],
    }
    expect(ownRate(planned, renewing, 'RENEWAL')).toBe(6.5)
    expect(changeToRate(5, renewing, 'RENEWAL')(planned).rateChanges).toEqual([
      byDay('2030-03-01', 6),
      { fromPayment: 61, fromDay: null, ratePercent: 5 },
      byDay('2032-03-02', 7),
    ])
  })
})
