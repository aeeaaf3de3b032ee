import { describe, expect, it } from 'vitest'
import { aDocument } from '../test/documents'
import {
  addExtra,
  addRateChange,
  monthsOf,
  paymentsIn,
  withExtra,
  withFrequency,
  withoutExtra,
} from './clauses'
import { baselineOf, withFields } from './option'

const option = baselineOf(aDocument())

describe('clauses of an option', () => {
  it('adds, changes and takes away an extra payment', () => {
    const added = addExtra('ONCE', 1250000, { payment: null, day: '2033-06-01' })(option)
    expect(added.extras).toEqual([
      {
        how: 'ONCE',
        cents: 1250000,
        firstPayment: null,
        firstDay: '2033-06-01',
        lastPayment: null,
        lastDay: null,
      },
    ])
    expect(withExtra(0, { cents: 5 })(added).extras[0]?.cents).toBe(5)
    expect(withoutExtra(0)(added).extras).toEqual([])
  })

  it('keeps the time of what is counted in payments when it is paid otherwise', () => {
    const monthly = addRateChange(6, { payment: 61, day: null })(
      addExtra('EACH_PAYMENT', 100, { payment: 13, day: null })(
        withFields({ interestOnlyPayments: 24 })(option),
      ),
    )
    const weekly = withFrequency('WEEKLY')(monthly)
    expect(weekly.interestOnlyPayments).toBe(104)
    expect(weekly.extras[0]?.firstPayment).toBe(53)
    expect(weekly.rateChanges[0]?.fromPayment).toBe(261)
    expect(withFrequency('MONTHLY')(weekly)).toEqual(monthly)
  })

  it('goes between months and payments', () => {
    expect(paymentsIn(60, 'BIWEEKLY')).toBe(130)
    expect(monthsOf(130, 'BIWEEKLY')).toBe(60)
    expect(paymentsIn(1, 'YEARLY')).toBe(1)
  })
})
