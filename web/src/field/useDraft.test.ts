import { describe, expect, it, vi } from 'vitest'
import { createDraft } from './useDraft'

describe('a draft', () => {
  it('follows changes, and goes back to where it last rested', () => {
    const take = vi.fn()
    const draft = createDraft<number>(4, take)
    draft.change(40)
    draft.rewind()
    expect(take.mock.calls).toEqual([[40], [4]])
    draft.change(5)
    draft.settle()
    draft.rewind()
    expect(take).toHaveBeenLastCalledWith(5)
  })

  it('keeps the texts that are being typed, each at its place', () => {
    const draft = createDraft<number>(0, () => undefined)
    const entry = { text: '4x', before: '4', says: 'unread' as const }
    draft.setEntry('a', entry)
    draft.setEntry('b', entry)
    draft.setEntry('a', null)
    expect(draft.store.getState().entries).toEqual({ b: entry })
  })

  it('keeps a step that nobody typed when the typing after it goes back, and drops the texts it replaces', () => {
    const junk = { text: 'x', before: '', says: 'unread' as const }
    const draft = createDraft({ day: 1, name: 'a', lines: [{ id: 'p' }, { id: 'q' }] }, () => undefined)
    for (const place of ['/day', '/name', '/lines/p/rate', '/lines/q/rate']) draft.setEntry(place, junk)
    draft.step({ day: 2, name: 'a', lines: [{ id: 'q' }] })
    expect(Object.keys(draft.store.getState().entries)).toEqual(['/name', '/lines/q/rate'])
    const take = vi.fn()
    const other = createDraft<number>(1, take)
    other.step(2)
    other.rewind()
    expect(take.mock.calls).toEqual([[2]])
  })
})
