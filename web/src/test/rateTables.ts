import type { RateTableView } from '../api/client'

/** A table without rates, called by its id. */
export const aTable = (id: string, termMonths: number): RateTableView => ({
  id,
  revision: 0,
  savedAt: '2027-01-04T09:00:00Z',
  savedBy: 'Tobias Pell',
  table: { name: id, day: '2027-01-04', termMonths, simulated: false, offers: [], addOns: [] },
})
