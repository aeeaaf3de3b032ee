import { describe, expect, it } from 'vitest'
import { flagsOf } from './flags'

const say = () => 'something happens'

describe('flagsOf', () => {
  it('covers no words with others', () => {
    const flags = flagsOf(
      [10, 12, 14, 16].map((payment) => ({ payment, kind: 'HALF_REPAID' as const })),
      360,
      1000,
      say,
    )
    expect(flags.map((flag) => [flag.payment, flag.row])).toEqual([
      [16, 0],
      [14, 1],
      [12, 2],
      [10, null],
    ])
  })

  it('writes to the left near the end', () => {
    const [flag] = flagsOf([{ payment: 360, kind: 'PAID_OFF' }], 360, 1000, say)
    expect(flag).toMatchObject({ toLeft: true, row: 0 })
  })

  it('joins what happens at once', () => {
    const flags = flagsOf(
      [
        { payment: 5, kind: 'HALF_REPAID' },
        { payment: 5, kind: 'INSURANCE_ENDS' },
      ],
      360,
      1000,
      ({ kind }) => kind,
    )
    expect(flags).toHaveLength(1)
    expect(flags[0]?.words).toBe('HALF_REPAID, INSURANCE_ENDS')
  })
})
