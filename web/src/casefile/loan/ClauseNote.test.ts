import { describe, expect, it } from 'vitest'
import type { FeatureNote } from '../../api/client'
import { noteWords } from './ClauseNote'

const aNote = (kind: FeatureNote['kind'], cents: number | null = null): FeatureNote => ({
  pointer: '/residualCents',
  kind,
  payment: 300,
  day: '2052-02-01',
  cents,
})

describe('noteWords', () => {
  it.each([
    [aNote('PAID_OFF_BEFORE'), 'no effect: paid off on February 1, 2052'],
    [aNote('ENDS_NO_EARLIER', 6_512_33), 'no earlier: the last payment becomes 6,512.33'],
    [aNote('BALLOON_IS', 84_000_12), 'in fact 84,000.12 is left'],
    [aNote('RECALCULATED', 1_502_10), 'recalculated to 1,502.10 from February 1, 2052'],
    [aNote('LAST_PAYMENT_IS', 9_00), 'the last payment is 9.00'],
  ])('says what %o does instead', (note, words) => expect(noteWords(note, 'en-US')).toBe(words))
})
