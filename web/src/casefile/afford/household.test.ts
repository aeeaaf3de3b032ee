import { describe, expect, it } from 'vitest'
import type { DebtDocument } from '../../api/client'
import { aDocument } from '../../test/documents'
import { withPaidOff } from '../option'
import { withIncomes, withReportedDebts, type ListedIncome } from './household'

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

describe('incomes of a list', () => {
  const listed = (name: string, person: string | null): ListedIncome => ({
    income: {
      name,
      cents: 31_50,
      per: 'MONTHLY',
      hoursPerWeek: null,
      countedPercent: null,
    },
    person,
  })

  it('go to whom the list names, who is added where the case has nobody of that name', () => {
    const bea = { id: 'p1', name: 'Bea Holm' }
    const document = aDocument({})
    document.household.people = [bea]
    const { household } = withIncomes(document, [
      listed('wage', 'bea holm '),
      listed('rent', 'Odd Wren'),
      listed('fees', 'Odd Wren'),
      listed('other', null),
    ])
    const odd = household?.people[1]
    expect(household?.people).toEqual([bea, { id: odd?.id, name: 'Odd Wren' }])
    expect(household?.incomes.map(({ person }) => person)).toEqual(['p1', odd?.id, odd?.id, 'p1'])
  })
})
