import { describe, expect, it } from 'vitest'
import { aDocument } from '../test/documents'
import { baselineOf, withFields } from './option'
import { addOption, changeOption, dropOption, makeBaseline, MOST_OPTIONS, renameOption } from './options'

const option = { ...baselineOf(aDocument()), name: 'As asked' }
const shorter = { ...option, name: null, termMonths: 180 }

describe('options of a case', () => {
  it('begins a new one as another, without its name', () => {
    expect(addOption([option], 0, withFields({ termMonths: 180 }))).toEqual({
      options: [option, shorter],
      selected: 1,
    })
  })

  it('holds no more than can be compared', () => {
    const full = Array.from({ length: MOST_OPTIONS }, () => option)
    expect(addOption(full, 2, withFields({}))).toEqual({ options: full, selected: 2 })
  })

  it('drops one and shows the one before it, but never the last', () => {
    expect(dropOption([option, shorter], 1)).toEqual({ options: [option], selected: 0 })
    expect(dropOption([option, shorter], 0)).toEqual({ options: [shorter], selected: 0 })
    expect(dropOption([option], 0)).toEqual({ options: [option], selected: 0 })
  })

  it('puts the baseline first', () => {
    expect(makeBaseline([option, shorter], 1)).toEqual({ options: [shorter, option], selected: 0 })
  })

  it('takes an empty name for none', () => {
    expect(renameOption([option], 0, ' ')[0]?.name).toBeNull()
    expect(renameOption([option], 0, 'Cheaper')[0]?.name).toBe('Cheaper')
  })

  it('changes one and leaves the others as they are', () => {
    const changed = changeOption(aDocument({ options: [option, shorter] }), 1, withFields({ downCents: 1 }))
    expect(changed.options[0]).toBe(option)
    expect(changed.options[1]?.downCents).toBe(1)
  })
})
