import { describe, expect, it } from 'vitest'
import { aDocument } from '../test/documents'
import {
  addExtra,
  addPaymentStep,
  addRateChange,
  insertEntry,
  monthsOf,
  moveEntry,
  paymentsIn,
  withEntry,
  withFrequency,
  withoutEntry,
} from './featureLists'
import { baselineOf, withFeatures } from './option'

const option = baselineOf(aDocument())

describe('clauses of an option', () => {
  it('adds, changes and takes away an extra payment', () => {
    const added = addExtra('e1', 'ONCE', 1250000, { payment: null, day: '2033-06-01' })(option)
    expect(added.features.extras).toEqual([
      {
        id: 'e1',
        how: 'ONCE',
        cents: 1250000,
        firstPayment: null,
        firstDay: '2033-06-01',
        lastPayment: null,
        lastDay: null,
      },
    ])
    expect(withEntry('extras', 'e1', { cents: 5 })(added).features.extras[0]?.cents).toBe(5)
    expect(withEntry('extras', 'e2', { cents: 5 })(added)).toEqual(added)
    expect(withoutEntry('extras', 'e1')(added).features.extras).toEqual([])
  })

  it('puts an entry behind another, and moves it among its neighbours', () => {
    const rate = (id: string) => ({ id, ratePercent: 5, fromPayment: 13, fromDay: null })
    const ids = ({ features }: typeof option) => features.rateChanges.map(({ id }) => id)
    const two = insertEntry(
      'rateChanges',
      rate('b'),
      'a',
    )(insertEntry('rateChanges', rate('a'), null)(option))
    const three = insertEntry('rateChanges', rate('c'), 'a')(two)
    expect(ids(three)).toEqual(['a', 'c', 'b'])
    expect(ids(moveEntry('rateChanges', 'b', -1)(three))).toEqual(['a', 'b', 'c'])
    expect(ids(moveEntry('rateChanges', 'b', 1)(three))).toEqual(['a', 'c', 'b'])
  })

  it('keeps the time of what is counted in payments when it is paid otherwise', () => {
    const monthly = addPaymentStep('p1', 150000, { payment: 73, day: null })(
      addRateChange('r1', 6, { payment: 61, day: null })(
        addExtra('e1', 'EACH_PAYMENT', 100, { payment: 13, day: null })(
          withFeatures({ interestOnlyPayments: 24 })(option),
        ),
      ),
    )
    const weekly = withFrequency('WEEKLY')(monthly)
    expect(weekly.features.interestOnlyPayments).toBe(104)
    expect(weekly.features.extras[0]?.firstPayment).toBe(53)
    expect(weekly.features.rateChanges[0]?.fromPayment).toBe(261)
    expect(weekly.features.paymentSteps[0]?.fromPayment).toBe(313)
    expect(withFrequency('MONTHLY')(weekly)).toEqual(monthly)
  })

  it('goes between months and payments', () => {
    expect(paymentsIn(60, 'BIWEEKLY')).toBe(130)
    expect(monthsOf(130, 'BIWEEKLY')).toBe(60)
    expect(paymentsIn(1, 'YEARLY')).toBe(1)
  })
})
