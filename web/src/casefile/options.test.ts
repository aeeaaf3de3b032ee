import { describe, expect, it } from 'vitest'
import { aDocument } from '../test/documents'
import { baselineOf, purchaseOf, withDownAmount, withTerms } from './option'
import { addOption, changeOption, deleteOption, makeBaseline, MOST_OPTIONS, withName } from './options'

const option = { ...baselineOf(aDocument()), name: 'As asked' }
const shorter = {
  ...option,
  id: 'shorter',
  name: null,
  terms: { ...option.terms, amortizationMonths: 180 },
}

describe('options of a case', () => {
  it('begins a new one as another, with an id of its own and without its name', () => {
    const { options, selected } = addOption(option.id, withTerms({ amortizationMonths: 180 }))([option])
    expect(options).toEqual([option, { ...shorter, id: selected }])
    expect(selected).not.toBe(option.id)
  })

  it('holds no more than can be compared', () => {
    const full = Array.from({ length: MOST_OPTIONS }, () => option)
    expect(addOption(option.id, withTerms({}))(full)).toEqual({ options: full, selected: option.id })
  })

  it('deletes one and shows the one before it, but never the last', () => {
    expect(deleteOption(shorter.id)([option, shorter])).toEqual({ options: [option], selected: option.id })
    expect(deleteOption(option.id)([option, shorter])).toEqual({ options: [shorter], selected: 'shorter' })
    expect(deleteOption(option.id)([option])).toEqual({ options: [option], selected: option.id })
  })

  it('puts the baseline first', () => {
    expect(makeBaseline(shorter.id)([option, shorter])).toEqual({
      options: [shorter, option],
      selected: 'shorter',
    })
  })

  it('takes an empty name for none', () => {
    expect(withName(' ')(option).name).toBeNull()
    expect(withName('Cheaper')(option).name).toBe('Cheaper')
  })

  it('changes one and leaves the others as they are', () => {
    const changed = changeOption(aDocument({ options: [option, shorter] }), 'shorter', withDownAmount(1))
    expect(changed.options[0]).toBe(option)
    expect(changed.options.map((each) => purchaseOf(each)?.down.cents)).toEqual([null, 1])
  })
})
