import { describe, expect, it } from 'vitest'
import { aDocument } from '../../test/documents'
import { baselineOf, purchaseOf } from '../option'
import { leverChange, leverWords, noneWords } from './levers'

const option = baselineOf(aDocument())

describe('levers', () => {
  it('put their value where the sentence says it', () => {
    expect(purchaseOf(leverChange('PRICE', 287371_00)(option))?.priceCents).toBe(28737100)
    expect(purchaseOf(leverChange('DOWN_PAYMENT', 6100000)(option))?.down).toEqual({
      cents: 6100000,
      percent: null,
    })
    expect(leverChange('RATE', 4.981)(option).terms.ratePercent).toBe(4.981)
    expect(leverChange('TERM', 331)(option).terms.amortizationMonths).toBe(331)
    expect(leverChange('REGULAR_EXTRA', 21300)(option).features.extras).toHaveLength(1)
    expect(leverChange('REGULAR_EXTRA', 0)(option)).toBe(option)
  })

  it('say it with its unit', () => {
    expect(leverWords('TERM', 331, true).figure).toBe('27 years 7 months')
    expect(leverWords('RATE', 4.981, true)).toMatchObject({
      before: 'An interest rate of at most',
      figure: '4.981\u202f%',
    })
    expect(leverWords('RATE', 4.981, false).before).toBe('An interest rate of at least')
    expect(leverWords('DOWN_PAYMENT', 6100000, false)).toMatchObject({
      before: 'A down payment of at least',
      figure: '61,000',
    })
  })

  it('say why there is no answer', () => {
    const none = { lever: 'RATE', value: null, isLargest: null, figures: null } as const
    const nearest = { name: 'REACHED', unit: 'AMOUNT', value: '2512.10' } as const
    const month = { target: 'MONTHLY_TOTAL', limit: '1' } as const
    expect(noneWords({ ...none, because: 'NEVER_MET', nearest }, month, 'en-US')).toBe(
      'No interest rate is enough; closest: 2,512.10 a month.',
    )
    expect(
      noneWords(
        { ...none, because: 'NEVER_MET', nearest: { ...nearest, unit: 'DAY', value: '2052-02-01' } },
        { target: 'PAID_OFF_BY', limit: '2045-01-01' },
        'en-US',
      ),
    ).toBe('No interest rate is enough; closest: paid off on February 1, 2052.')
    expect(noneWords({ ...none, because: 'ALWAYS_MET', nearest: null }, month, 'en-US')).toBe(
      'The target is met at any interest rate.',
    )
  })
})
