import { describe, expect, it } from 'vitest'
import type { OptionView } from '../../api/client'
import { MARKETS } from '../../format/market'
import { aDocument } from '../../test/documents'
import { baselineOf } from '../option'
import { beginningsOf, clauseDifferences, clausesOf } from './clauses'

const option = baselineOf(aDocument())
const figures = {
  firstPaymentDate: '2027-03-01',
  paymentCents: 163221,
  baseLoanCents: 26579500,
} as OptionView
const start = { figures, words: MARKETS.US }
const beginnings = beginningsOf(option, start)

describe('the clauses of the sentence', () => {
  it('are offered by the trade’s words, the most frequent first', () => {
    expect(beginnings.map(({ words }) => words)).toEqual([
      'Extra with each payment',
      'One-time extra payment',
      'Yearly extra payment',
      'Interest-only period',
      'Custom payment',
      'Payment change',
      'Balloon payment',
      'Rate change',
      'Fixed-rate period',
      'Temporary buydown',
      'Upfront premium',
    ])
  })

  it.each(beginnings)(
    '$words is said where it was begun, and leads to a figure of it',
    ({ change, focus }) => {
      const pointers = clausesOf(change(option)).map(({ pointer }) => pointer)
      expect(pointers.some((pointer) => focus.startsWith(pointer))).toBe(true)
    },
  )

  it.each(beginnings.filter(({ words }) => words !== 'Upfront premium'))(
    '$words is a difference to the baseline, whatever its id',
    ({ change }) => {
      const changed = change(option)
      expect(clauseDifferences(option, changed, 'en-US')).toHaveLength(1)
      expect(clauseDifferences(changed, { ...changed, id: 'another' }, 'en-US')).toEqual([])
      expect(clauseDifferences(changed, option, 'en-US')).toHaveLength(1)
    },
  )

  it('are offered again only where there can be several', () => {
    const all = beginnings.reduce((changed, { change }) => change(changed), option)
    expect(beginningsOf(all, start).map(({ words }) => words)).toEqual([
      'Extra with each payment',
      'One-time extra payment',
      'Yearly extra payment',
      'Payment change',
      'Rate change',
    ])
    expect(clausesOf(all).map(({ pointer }) => pointer.split('/').slice(0, 3).join('/'))).toEqual([
      '/terms/rateTermMonths',
      '/closing/upfrontPremium',
      '/features/interestOnlyPayments',
      '/features/paymentCents',
      '/features/paymentSteps',
      '/features/buydown',
      '/features/rateChanges',
      '/features/extras',
      '/features/extras',
      '/features/extras',
      '/features/extraEffect',
      '/features/balloonCents',
    ])
  })
})
