import { describe, expect, it } from 'vitest'
import { askedFilter, chosenFilter } from './filter'

describe('what the address says of the list of cases', () => {
  it('is read as far as it means something', () => {
    const given = {
      search: 'fern rise',
      shelf: 'ARCHIVED',
      sort: 'BEST',
      advisor: 'me',
      limits: 'NONE_MET',
      nextWithinDays: '90',
      paymentFromCents: '-5',
      paymentToCents: '210000',
      colour: 'red',
    }
    expect(chosenFilter(given)).toEqual({
      search: 'fern rise',
      shelf: 'ARCHIVED',
      limits: 'NONE_MET',
      nextWithinDays: '90',
      paymentToCents: '210000',
    })
  })

  it('leaves out what is empty or longer than anything', () => {
    expect(chosenFilter({ search: '' })).toEqual({})
    expect(chosenFilter({ search: 'x'.repeat(201) })).toEqual({})
    expect(chosenFilter({ shelf: 'toString' })).toEqual({})
  })

  it('is asked with numbers where the server counts', () => {
    expect(askedFilter({ nextWithinDays: '90', paymentToCents: '210000', sort: 'TITLE' })).toEqual({
      nextWithinDays: 90,
      paymentToCents: 210000,
      sort: 'TITLE',
    })
  })
})
