import { describe, expect, it } from 'vitest'
import { aDocument } from '../test/documents'
import { createCaseStore, selectedOf } from './caseStore'
import { baselineOf, withFields } from './option'
import { addOption } from './options'

const open = () => createCaseStore({ document: aDocument(), entries: {}, selected: 0 })
const rateOf = (store: ReturnType<typeof open>) => baselineOf(store.store.getState().document).ratePercent

describe('the store of an open case', () => {
  it('undoes a run of key presses as one', () => {
    const store = open()
    for (const ratePercent of [6, 6.1, 6.12]) store.changeOption(withFields({ ratePercent }))
    store.settle()
    store.changeOption(withFields({ ratePercent: 7 }))
    store.settle()

    store.undo()
    expect(rateOf(store)).toBe(6.12)
    store.undo()
    expect(rateOf(store)).toBe(5.5)
    store.redo()
    store.redo()
    expect(rateOf(store)).toBe(7)
  })

  it('returns to the very document after ten mixed changes', () => {
    const store = open()
    const first = store.store.getState().document
    for (let step = 1; step <= 10; step++) {
      if (step % 2) store.changeOption(withFields({ termMonths: 300 + step }))
      else store.changeDocument({ title: `Lot ${step}` })
      store.settle()
    }
    for (let step = 1; step <= 10; step++) store.undo()
    expect(store.store.getState().document).toBe(first)
  })

  it('drops half-typed texts when it goes back', () => {
    const store = open()
    store.changeOption(withFields({ ratePercent: 6 }))
    store.settle()
    store.setEntry('/options/0/termMonths', { text: 'thirt', before: '', isReadable: false })
    store.undo()
    expect(store.store.getState().entries).toEqual({})
  })

  it('rewinds a run of changes without a trace', () => {
    const store = open()
    store.changeOption(withFields({ ratePercent: 3 }))
    store.rewind()
    expect(rateOf(store)).toBe(5.5)
    expect(store.store.temporal.getState().pastStates).toEqual([])
    expect(store.store.temporal.getState().futureStates).toEqual([])

    store.rewind()
    expect(rateOf(store)).toBe(5.5)
  })

  it('lets a taken-over state be undone', () => {
    const store = open()
    const mine = store.store.getState().document
    store.adopt(aDocument({ title: 'Theirs' }))
    store.undo()
    expect(store.store.getState().document).toBe(mine)
  })

  it('changes the option that is shown, and undoes an added one as one step', () => {
    const store = open()
    const first = store.store.getState().document
    store.changeOptions(addOption(first.options, 0, withFields({ termMonths: 180 })))
    store.changeOption(withFields({ ratePercent: 5 }))
    store.settle()
    expect(rateOf(store)).toBe(5.5)
    expect(store.store.getState().document.options[1]).toMatchObject({ ratePercent: 5, termMonths: 180 })

    store.select(0)
    store.undo()
    expect(selectedOf(store.store.getState())).toBe(1)
    store.undo()
    expect(store.store.getState().document).toBe(first)
    expect(selectedOf(store.store.getState())).toBe(0)
  })
})
