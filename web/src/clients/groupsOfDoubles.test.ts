import { describe, expect, it } from 'vitest'
import type { ClientLine } from '../api/client'
import { groupsOfDoubles } from './groupsOfDoubles'

const client = (name: string, fields: Partial<ClientLine> = {}): ClientLine => ({
  id: name,
  name,
  email: '',
  phone: '',
  address: '',
  cases: 0,
  ...fields,
})

const names = (clients: ClientLine[]) =>
  groupsOfDoubles(clients).map((group) => group.map(({ name }) => name))

describe('clients who may be kept twice', () => {
  it('stand together by name, email or phone however they are written, the one with most cases first', () => {
    expect(
      names([
        client('Zoé Marrable'),
        client('zoe  marrable', { cases: 3, phone: '0555 014-229' }),
        client('Z. M.', { phone: '(0555) 014229', cases: 1 }),
        client('Anselm Ogg', { email: 'ogg@fern.example' }),
        client('A. Ogg', { email: 'Ogg@Fern.example', cases: 2 }),
      ]),
    ).toEqual([
      ['zoe  marrable', 'Z. M.', 'Zoé Marrable'],
      ['A. Ogg', 'Anselm Ogg'],
    ])
  })

  it('are not alike for what neither of them has', () => {
    expect(names([client('Ruth Oduya'), client('Ida Brandt')])).toEqual([])
    expect(names([client('Ruth Oduya', { phone: '12' }), client('Ida Brandt', { phone: '12' })])).toEqual([])
  })
})
