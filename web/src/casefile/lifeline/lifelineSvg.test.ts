import { describe, expect, it } from 'vitest'
import { MARKETS } from '../../format/market'
import { aSchedule } from '../../test/schedules'
import { lifelineSvg } from './lifelineSvg'
import { lifeOf } from './life'

describe('lifelineSvg', () => {
  it('tells in words what it shows', async () => {
    const life = lifeOf(
      aSchedule({
        milestones: [
          { payment: 1, kind: 'HALF_REPAID' },
          { payment: 2, kind: 'PAID_OFF' },
        ],
      }),
    )
    const picture = new DOMParser().parseFromString(
      await lifelineSvg({
        title: 'Loft & Yard',
        life,
        measure: 'payment',
        agreed: 3,
        words: MARKETS.US,
        locale: 'en-US',
      }),
      'image/svg+xml',
    )
    expect([...picture.querySelectorAll('text')].map((words) => words.textContent)).toEqual([
      'Loft & Yard',
      '2 payments from Mar 2027 to Apr 2027',
      '■Interest 7.50■Principal 1,000.00',
      'interest',
      'principal',
      'paid off',
      'half paid off',
      '1 of 3 fewer payments',
      'Mar 2027',
      'Apr 2027',
    ])
    expect(picture.querySelectorAll('path[fill="#c4683f"], path[fill="#35506f"]')).toHaveLength(2)
  })
})
