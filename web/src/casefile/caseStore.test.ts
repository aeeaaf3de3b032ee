import { describe, expect, it } from 'vitest'
import { aDocument } from '../test/documents'
import { createCaseStore, selectedOf } from './caseStore'
import { baselineOf, withTerms } from './option'
import { addOption, deleteOption, makeBaseline, moveOption } from './options'

const open = () => createCaseStore({ document: aDocument(), entries: {}, selected: 'first' })
const rateOf = (store: ReturnType<typeof open>) =>
  baselineOf(store.store.getState().document).terms.ratePercent

describe('the store of an open case', () => {
  it('undoes a run of key presses as one', () => {
    const store = open()
    for (const ratePercent of [6, 6.1, 6.12]) store.changeOption('first', withTerms({ ratePercent }))
    store.settle()
    store.changeOption('first', withTerms({ ratePercent: 7 }))
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
      if (step % 2) store.changeOption('first', withTerms({ amortizationMonths: 300 + step }))
      else store.changeDocument({ title: `Lot ${step}` })
      store.settle()
    }
    for (let step = 1; step <= 10; step++) store.undo()
    expect(store.store.getState().document).toBe(first)
  })

  it('drops half-typed texts when it goes back', () => {
    const store = open()
    store.changeOption('first', withTerms({ ratePercent: 6 }))
    store.settle()
    store.setEntry('/options/first/terms/amortizationMonths', {
      text: 'thirt',
      before: '',
      says: 'unread',
    })
    store.undo()
    expect(store.store.getState().entries).toEqual({})
  })

  it('rewinds a run of changes without a trace', () => {
    const store = open()
    store.changeOption('first', withTerms({ ratePercent: 3 }))
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
    store.changeOptions(addOption('first', withTerms({ amortizationMonths: 180 })))
    const added = selectedOf(store.store.getState()).id
    store.changeOption(added, withTerms({ ratePercent: 5 }))
    store.settle()
    expect(rateOf(store)).toBe(5.5)
    expect(store.store.getState().document.options[1]?.terms).toMatchObject({
      ratePercent: 5,
      amortizationMonths: 180,
    })

    store.select('first')
    store.undo()
    expect(selectedOf(store.store.getState()).id).toBe(added)
    store.undo()
    expect(store.store.getState().document).toBe(first)
    expect(selectedOf(store.store.getState()).id).toBe('first')
  })

  it('keeps what is half typed while another option is shown, and when a state is taken over', () => {
    const store = open()
    const text = { text: 'thirt', before: '30 years', says: 'unread' as const }
    store.setEntry('/options/first/terms/amortizationMonths', text)
    store.changeOptions(addOption('first', withTerms({})))
    store.adopt({ ...store.store.getState().document, title: 'Theirs' })
    expect(store.store.getState().entries).toEqual({ '/options/first/terms/amortizationMonths': text })
  })

  it('changes the options as they stand, whatever was seen of them when they were moved', () => {
    const store = open()
    store.changeOptions(addOption('first', withTerms({ amortizationMonths: 180 })))
    const added = selectedOf(store.store.getState()).id
    const move = moveOption(added, -1)
    store.changeOption(added, withTerms({ ratePercent: 5 }))
    store.changeOption('first', withTerms({ ratePercent: 7 }))
    store.changeOptions(move)
    expect(store.store.getState().document.options.map(({ id, terms }) => [id, terms.ratePercent])).toEqual([
      [added, 5],
      ['first', 7],
    ])
    store.changeOptions(makeBaseline('first'))
    expect(rateOf(store)).toBe(7)
  })

  it('keeps for a reload what is read, and asks about what is incomplete', () => {
    const store = open()
    store.changeOption('first', withTerms({ ratePercent: 6 }))
    store.setEntry('/rate', { text: '6', before: '5.5', says: 'read' })
    store.setEntry('/salary', { text: 'salary', before: '', says: 'unread' })
    expect(store.asLeft().document.options[0]?.terms.ratePercent).toBe(6)
    expect(store.asLeft().entries).toEqual({ '/salary': { text: 'salary', before: '', says: 'unread' } })

    store.setEntry('/rate', { text: '6 1/', before: '5.5', says: 'incomplete' })
    expect(store.asLeft().document.options[0]?.terms.ratePercent).toBe(5.5)
    expect(store.asLeft().entries['/rate']?.says).toBe('unread')
  })

  it('drops a text that cannot be read with the value that it stood for', () => {
    const store = open()
    store.changeOption('first', withTerms({ rateTermMonths: 60 }))
    store.setEntry('/options/first/terms/rateTermMonths', { text: 'x', before: '5 years', says: 'unread' })
    store.changeOption('first', withTerms({ rateTermMonths: null }))
    expect(store.store.getState().entries).toEqual({})
  })

  it('drops what was typed for an option that is gone', () => {
    const store = open()
    store.changeOptions(addOption('first', withTerms({})))
    const added = selectedOf(store.store.getState())
    store.setEntry(`/options/${added.id}/terms/ratePercent`, { text: 'x', before: '', says: 'unread' })
    store.changeOptions(deleteOption(added.id))
    expect(store.store.getState().entries).toEqual({})
    expect(selectedOf(store.store.getState()).id).toBe('first')
  })

  it('restores what a figure said before its last change, whatever changed since', () => {
    const store = open()
    const place = '/options/first/terms/ratePercent'
    for (const change of [withTerms({ ratePercent: 31 }), withTerms({ amortizationMonths: 180 })]) {
      store.changeOption('first', change)
      store.settle()
    }
    store.restore(place)
    expect(rateOf(store)).toBe(5.5)
    expect(baselineOf(store.store.getState().document).terms.amortizationMonths).toBe(180)
    store.undo()
    expect(rateOf(store)).toBe(31)
  })
})
