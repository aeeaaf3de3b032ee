import { describe, expect, it } from 'vitest'
import type { DebtDocument } from '../../api/client'
import { aDocument } from '../../test/documents'
import { withPaidOff } from '../option'
import { debtRows, incomeRows, withReportedDebts } from './household'

const debt = (id: string, fields: Partial<DebtDocument> = {}): DebtDocument => ({
  id,
  name: id,
  kind: null,
  paymentCents: 100_00,
  balanceCents: 900_00,
  ratePercent: null,
  paymentsLeft: null,
  simulated: null,
  ...fields,
})

describe('debts of a credit report', () => {
  it('take the place of those of an earlier one, and of nothing that was typed', () => {
    const start = aDocument({ debts: [debt('typed'), debt('old', { simulated: true })] })
    const paying = { ...start, options: start.options.map(withPaidOff(['typed', 'old'])) }
    const after = withReportedDebts(paying, [debt('new', { simulated: true })])
    expect(after.debts?.map(({ name }) => name)).toEqual(['typed', 'new'])
    expect(after.options?.[0]?.closing.debtsPaidOff).toEqual(['typed'])
  })
})

describe('lists to be saved', () => {
  it('say every field in the words that are read back', () => {
    const income = {
      id: 'a',
      person: null,
      name: 'wage',
      cents: 31_50,
      per: null,
      hoursPerWeek: 26,
      countedPercent: null,
    }
    expect(incomeRows([income])[1]).toEqual(['wage', '31.50', 'hour', '26', ''])
    expect(debtRows([debt('card', { kind: 'CARD', paymentCents: null })])[1]).toEqual([
      'card',
      'card',
      '',
      '900.00',
      '',
      '',
    ])
  })
})
