import { describe, expect, it } from 'vitest'
import type { RateTableView } from '../api/client'
import { offeredOf } from './useOfferedTable'

const table = (id: string, termMonths: number): RateTableView => ({
  id,
  revision: 0,
  savedAt: '2027-01-04T09:00:00Z',
  savedBy: 'Tobias Pell',
  table: { name: id, day: '2027-01-04', termMonths, simulated: false, offers: [], addOns: [] },
})
const tables = [table('thirty', 360), table('other thirty', 360), table('fifteen', 180)]

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
