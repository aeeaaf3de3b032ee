import { describe, expect, it } from 'vitest'
import type { FitView, LeverView, OptionView } from '../../api/client'
import { MARKETS } from '../../format/market'
import { aDocument } from '../../test/documents'
import { baselineOf } from '../option'
import { smallestOf } from './leverStep'
import { waysOf } from './leverWords'

const option = baselineOf(aDocument())
const figures = { baseLoanCents: 265_795_00, downPercent: 15 } as OptionView
const lever = (fields: Partial<LeverView>): LeverView => ({
  lever: 'RATE',
  value: null,
  nearerValue: null,
  housingCents: 1_900_00,
  overCents: 0,
  cashChangeCents: 0,
  moneyLeftCents: 0,
  covered: true,
  ...fields,
})
const fit = (...levers: LeverView[]) =>
  ({
    levers,
    loansByRate: [{ ratePercent: 5.25, pointsPercent: 0.5, loanCents: null }],
  }) as unknown as FitView
const ways = (fits: boolean, ...levers: LeverView[]) =>
  waysOf({ option, figures, words: MARKETS.US, fit: fit(...levers), fits })
const said = (fits: boolean, ...levers: LeverView[]) =>
  ways(fits, ...levers).map(({ words, note }) => `${words.filter((each) => each !== '').join(' ')} (${note})`)

describe('the ways to make it fit', () => {
  const rate = lever({ value: 5.301 })
  const loan = lever({ lever: 'LOAN', value: 265_740, cashChangeCents: 55_00, covered: false })
  const term = lever({ lever: 'TERM', value: 30 })

  it('keep their order, say what they cost, and which is the smallest change', () => {
    expect(smallestOf(ways(false, term, rate, loan))).toBe('LOAN')
    expect(smallestOf(ways(false, rate))).toBeUndefined()
    expect(said(false, loan, rate, term)).toEqual([
      'A loan of 265,740 instead of 265,795 (+55.00 at closing, more than they have)',
      'A rate of 5.301\u202f% or less (on offer: 5.25\u202f%, for 0.5 points)',
      'Over 30 years instead of 25 years (1,900.00 a month for the home)',
    ])
  })

  it('say how far it could go where it fits already', () => {
    expect(
      said(
        true,
        lever({ value: 6.1 }),
        lever({ lever: 'PRICE_KEEPING_SHARE', value: 330_000, cashChangeCents: 2_595_00 }),
      ),
    ).toEqual([
      'A rate of up to 6.1\u202f% ()',
      'A price of up to 330,000 with 15.00\u202f% down kept (+2,595.00 at closing)',
    ])
  })

  it('say what remains where one cannot do it alone', () => {
    expect(said(false, lever({ overCents: 120_00 }))).toEqual([
      'A lower rate alone cannot do it (still over by 120.00 a month)',
    ])
    expect(ways(false, lever({}))[0]?.change).toBeUndefined()
  })

  it('change the option by what they say', () => {
    const changed = ways(false, loan, rate, term).map(({ change }) => change?.(option))
    expect(changed[0]?.financing).toMatchObject({ down: { cents: 312_700_00 - 265_740_00 } })
    expect(changed[1]?.terms.ratePercent).toBe(5.301)
    expect(changed[2]?.terms.amortizationMonths).toBe(360)
  })
})
