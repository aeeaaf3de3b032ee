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
    const entry = { text: '4x', before: '4', isReadable: false }
    draft.setEntry('a', entry)
    draft.setEntry('b', entry)
    draft.setEntry('a', null)
    expect(draft.store.getState().entries).toEqual({ b: entry })
  })
})
