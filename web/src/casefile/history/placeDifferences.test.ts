import { describe, expect, it } from 'vitest'
import { aDocument, NOBODY } from '../../test/documents'
import { addExtra, withoutEntry } from '../featureLists'
import { baselineOf, withDownAmount, withTerms, type OptionChange } from '../option'
import { addOption, changeOption, makeBaseline } from '../options'
import { placeDifferences } from './placeDifferences'

const NARROW_SPACE = '\u202f'
const base = aDocument()
const changed = (...changes: OptionChange[]) =>
  changes.reduce((document, change) => changeOption(document, 'first', change), base)
const told = (before = base, after = base) =>
  placeDifferences(before, after, 'en-US', new Map([['set-1', 'Ferry Bank']])).map(({ of, was, is }) =>
    `${of} ${was ?? 'not there'} → ${is ?? 'not there'}`.replaceAll(NARROW_SPACE, ' '),
  )

describe('placeDifferences', () => {
  it('says nothing of what is the same', () => {
    expect(told(base, structuredClone(base))).toEqual([])
  })

  it('tells figures with their units', () => {
    expect(told(base, changed(withTerms({ ratePercent: 5.875 })))).toEqual(['rate 5.5 % → 5.875 %'])
    expect(told(base, changed(withTerms({ amortizationMonths: 180 })))).toEqual(['term 25 years → 15 years'])
    expect(told(base, changed(withTerms({ firstPayment: '2027-05-01' })))).toEqual([
      'first payment March 1, 2027 → May 1, 2027',
    ])
    expect(told(base, changed(withDownAmount(50_000_00)))).toEqual(['money down 15 % → 50,000'])
  })

  it('tells texts and choices', () => {
    expect(told(base, { ...base, title: 'Lot 4', market: 'GB' })).toEqual([
      'title “Lot 3, Fern Rise” → “Lot 4”',
      'market United States → United Kingdom',
    ])
    expect(told(base, changed(withTerms({ frequency: 'ACCELERATED_BIWEEKLY' })))).toEqual([
      'payments monthly → accelerated biweekly',
    ])
  })

  it('tells what is added to a list, changed in it and there → not there', () => {
    const once = changed(addExtra('e1', 'ONCE', 100_00, { payment: 3, day: null }))
    expect(told(base, once)).toEqual(['extra payment 1 not there → there'])
    expect(told(once, changeOption(once, 'first', withoutEntry('extras', 'e1')))).toEqual([
      'extra payment 1 there → not there',
    ])
    const people = { ...base, household: { ...NOBODY, people: [{ id: 'p', name: 'Ida' }] } }
    const renamed = { ...base, household: { ...NOBODY, people: [{ id: 'p', name: 'Ada' }] } }
    expect(told(people, renamed)).toEqual(['person Ada: name “Ida” → “Ada”'])
  })

  it('names the option where there are several, and the one that became the baseline', () => {
    const { options } = addOption(baselineOf(base).id, withTerms({ ratePercent: 6 }))(base.options)
    const two = { ...base, options }
    expect(told(base, two)).toEqual(['25 years at 6 % not there → there'])
    const second = options[1]
    if (!second) throw new Error('an option was not there → there')
    expect(told(two, changeOption(two, second.id, withTerms({ ratePercent: 6.5 })))).toEqual([
      '25 years at 6 %: rate 6 % → 6.5 %',
    ])
    expect(told(two, { ...two, options: makeBaseline(second.id)(options).options })).toEqual([
      'baseline 25 years at 5.5 % → 25 years at 6 %',
    ])
  })

  it('says of a part that is there or not that it is', () => {
    expect(told(base, { ...base, household: { ...NOBODY, atHandCents: 90_000_00 } })).toEqual([
      'money at hand none → 90,000',
    ])
    expect(told(base, { ...base, household: { ...NOBODY, limitSet: 'set-1' } })).toEqual([
      'limits none → Ferry Bank',
    ])
    expect(told({ ...base, household: { ...NOBODY, limitSet: 'set-9' } }, base)).toEqual([
      'limits one that is deleted → none',
    ])
    expect(told(base, { ...base, conclusion: 'The shorter one', recommended: 'first' })).toEqual([
      'conclusion none → “The shorter one”',
      'recommended option none → 25 years at 5.5 %',
    ])
    expect(told({ ...base, pricedOn: { tableId: 'x', day: '2026-11-01' } as never }, base)).toEqual([
      'rate table set → none',
    ])
  })
})
