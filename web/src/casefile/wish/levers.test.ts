import { describe, expect, it } from 'vitest'
import { aDocument } from '../../test/documents'
import { baselineOf } from '../option'
import { leverChange, leverWords } from './levers'

const option = baselineOf(aDocument())

describe('levers', () => {
  it('put their value where the sentence says it', () => {
    expect(leverChange('PRICE', 287371_00)(option).priceCents).toBe(28737100)
    expect(leverChange('MONEY_DOWN', 6100000)(option)).toMatchObject({
      downCents: 6100000,
      downPercent: null,
    })
    expect(leverChange('RATE', 4.981)(option).ratePercent).toBe(4.981)
    expect(leverChange('TERM', 331)(option).termMonths).toBe(331)
    expect(leverChange('REGULAR_EXTRA', 21300)(option).extras).toHaveLength(1)
    expect(leverChange('REGULAR_EXTRA', 0)(option)).toBe(option)
  })

  it('say it with its unit', () => {
    expect(leverWords('TERM', 331, true).figure).toBe('27 years 7 months')
    expect(leverWords('RATE', 4.981, true)).toMatchObject({
      before: 'A rate of at most',
      figure: '4.981\u202f%',
    })
    expect(leverWords('RATE', 4.981, false).before).toBe('A rate of at least')
    expect(leverWords('MONEY_DOWN', 6100000, false)).toMatchObject({
      before: 'At least',
      figure: '61,000',
      after: 'down',
    })
  })
})
