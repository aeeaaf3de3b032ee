import { describe, expect, it } from 'vitest'
import { aTable } from '../test/rateTables'
import { offeredOf } from './useOfferedTable'

const tables = [aTable('thirty', 360), aTable('other thirty', 360), aTable('fifteen', 180)]

describe('the rates on offer for an option', () => {
  it('are of its term: those that the case was priced on, else the first', () => {
    expect(offeredOf(tables, 'other thirty', 360)?.id).toBe('other thirty')
    expect(offeredOf(tables, undefined, 360)?.id).toBe('thirty')
    expect(offeredOf(tables, 'other thirty', 180)?.id).toBe('fifteen')
  })

  it('are those that the case was priced on where no table is of its term', () => {
    expect(offeredOf(tables, 'other thirty', 300)?.id).toBe('other thirty')
    expect(offeredOf(tables, undefined, 300)).toBeNull()
  })
})
