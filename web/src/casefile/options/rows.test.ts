import { describe, expect, it } from 'vitest'
import { aComparison } from '../../test/comparisons'
import { hasAnswer, type Answer, type Compared } from './compared'
import { bestOf, ROW_GROUPS, type Cell } from './rows'

const cell = (rank?: number): Cell => ({ text: '', difference: '', ...(rank === undefined ? {} : { rank }) })

describe('the best of a row', () => {
  it('is the least, or all that share it', () => {
    expect(bestOf([cell(3), cell(1), cell(2)])).toEqual(new Set([1]))
    expect(bestOf([cell(1), null, cell(1), cell(2)])).toEqual(new Set([0, 2]))
  })

  it('is nobody where all are the same, or nothing is compared', () => {
    expect(bestOf([cell(1), cell(1)])).toEqual(new Set())
    expect(bestOf([cell(1), null])).toEqual(new Set())
    expect(bestOf([cell(), cell()])).toEqual(new Set())
  })
})

describe('when an option stays at or under the baseline', () => {
  const staysFrom = ROW_GROUPS.flatMap(({ rows }) => rows).find(({ row }) => row === 'STAYS_FROM')

  function told(kept: Partial<Answer['kept']>): Cell | null | undefined {
    const { base, options } = aComparison([
      { id: 'base', costs: [0, 1] },
      { id: 'other', costs: [0, 2] },
    ])
    const [, other] = options
    if (!other || !hasAnswer(other)) throw new Error('it has an answer')
    const option: Compared & { answer: Answer } = {
      ...other,
      answer: { ...other.answer, kept: { ...other.answer.kept, ...kept } },
    }
    return staysFrom?.cell(option, { base, locale: 'en-US' })
  }

  it('tells the month, or that it is so at once', () => {
    expect(told({ staysFromMonth: 29 })).toMatchObject({
      text: 'from month 29',
      difference: '2 years 5 months',
    })
    expect(told({ staysFromMonth: 1 })).toMatchObject({ text: 'at once', difference: '' })
  })

  it('tells that it is ahead only for a while, or never', () => {
    expect(told({ staysFromMonth: null, ahead: [{ fromMonth: 29, toMonth: 196 }] })).toMatchObject({
      text: 'never for good',
      difference: 'cheaper months 29 to 196',
    })
    expect(told({ staysFromMonth: null })).toMatchObject({ difference: 'never cheaper' })
  })
})
