import { describe, expect, it } from 'vitest'
import type { FeatureNote } from '../api/client'
import { noteWords } from './featureNotes'

const aNote = (pointer: string, kind: FeatureNote['kind'], cents: number | null = null): FeatureNote => ({
  pointer,
  kind,
  payment: 300,
  day: '2052-02-01',
  cents,
})

describe('noteWords', () => {
  it.each([
    [
      aNote('/features/extras/1', 'PAID_OFF_BEFORE'),
      'An extra payment has no effect: the loan is paid off by February 1, 2052.',
    ],
    [
      aNote('/features/balloonCents', 'PAID_OFF_BEFORE'),
      'The balloon payment has no effect: the loan is paid off by February 1, 2052.',
    ],
    [
      aNote('/features/extraEffect', 'ENDS_NO_EARLIER', 6_512_33),
      'Extra payments end this loan no earlier: its last payment becomes 6,512.33.',
    ],
    [aNote('/features/balloonCents', 'BALLOON_IS', 84_000_12), 'The balloon payment is 84,000.12.'],
    [
      aNote('/features/paymentCents', 'RECALCULATED', 1_502_10),
      'The custom payment is recalculated to 1,502.10 from February 1, 2052.',
    ],
    [
      aNote('/features/paymentCents', 'LAST_PAYMENT_IS', 9_00),
      'The custom payment leaves a balance: the last payment is 9.00.',
    ],
  ])('says what %o does instead', (note, words) => expect(noteWords(note, 'en-US')).toBe(words))
})
