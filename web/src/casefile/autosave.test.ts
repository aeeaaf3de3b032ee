import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { Refusal, type CaseDocument, type CaseView } from '../api/client'
import { aDocument, aSavedCase } from '../test/documents'
import { Autosave, type Saving } from './autosave'

beforeEach(() => void vi.useFakeTimers())
afterEach(() => void vi.useRealTimers())

function anAutosave(save: (revision: number, document: CaseDocument) => Promise<CaseView>) {
  const told: Saving[] = []
  const opened = aSavedCase()
  const autosave = new Autosave(opened, save, (saving) => told.push(saving))
  return { autosave, told, opened, lastTold: () => told.at(-1) }
}

const storing = () =>
  vi.fn((revision: number, document: CaseDocument) =>
    Promise.resolve(aSavedCase({ revision: revision + 1, document, savedAt: '2026-11-24T10:42:00Z' })),
  )

describe('Autosave', () => {
  it('stores the last of several quick changes, once', async () => {
    const save = storing()
    const { autosave, lastTold } = anAutosave(save)
    for (const title of ['a', 'ab', 'abc']) autosave.want(aDocument({ title }))
    await vi.runAllTimersAsync()

    expect(save).toHaveBeenCalledOnce()
    expect(save.mock.calls[0]?.[1].title).toBe('abc')
    expect(lastTold()).toEqual({ status: 'saved', at: '2026-11-24T10:42:00Z', by: 'Bea Ostrander' })
  })

  it('names the revision that each change was made to', async () => {
    const save = storing()
    const { autosave } = anAutosave(save)
    autosave.want(aDocument({ title: 'a' }))
    await vi.runAllTimersAsync()
    autosave.want(aDocument({ title: 'b' }))
    await vi.runAllTimersAsync()

    expect(save.mock.calls.map(([revision]) => revision)).toEqual([0, 1])
  })

  it('tries again by itself while the server is away', async () => {
    const save = storing().mockRejectedValueOnce(new TypeError('fetch failed'))
    const { autosave, told, lastTold } = anAutosave(save)
    autosave.want(aDocument({ title: 'a' }))
    await vi.runAllTimersAsync()

    expect(told).toContainEqual({ status: 'failed', reason: 'no connection' })
    expect(save).toHaveBeenCalledTimes(2)
    expect(lastTold()?.status).toBe('saved')
  })

  it('stops at a conflict until the advisor has chosen', async () => {
    const theirs = aSavedCase({ revision: 4, savedBy: 'Tobias Pell' })
    const save = storing().mockRejectedValueOnce(new Refusal(409, { saved: theirs }))
    const { autosave, lastTold } = anAutosave(save)
    autosave.want(aDocument({ title: 'mine' }))
    await vi.runAllTimersAsync()
    expect(lastTold()).toEqual({ status: 'conflict', theirs })
    autosave.want(aDocument({ title: 'mine still' }))
    await vi.runAllTimersAsync()
    expect(save).toHaveBeenCalledOnce()

    autosave.overwrite(theirs)
    await vi.runAllTimersAsync()
    expect(save.mock.calls[1]?.[0]).toBe(4)
    expect(save.mock.calls[1]?.[1].title).toBe('mine still')
  })

  it('goes on from theirs without storing anything', async () => {
    const theirs = aSavedCase({ revision: 4, document: aDocument({ title: 'theirs' }) })
    const save = storing().mockRejectedValueOnce(new Refusal(409, { saved: theirs }))
    const { autosave } = anAutosave(save)
    autosave.want(aDocument({ title: 'mine' }))
    await vi.runAllTimersAsync()
    autosave.adopt(theirs)
    autosave.want(theirs.document)
    await vi.runAllTimersAsync()

    expect(save).toHaveBeenCalledOnce()
    expect(autosave.isClean).toBe(true)
  })

  it('drops what waited once the document has no answer', async () => {
    const save = storing()
    const { autosave } = anAutosave(save)
    autosave.want(aDocument({ title: 'half' }))
    autosave.hold()
    autosave.stop()
    await vi.runAllTimersAsync()
    expect(save).not.toHaveBeenCalled()
  })

  it('stores at once what still waits when it stops', async () => {
    const save = storing()
    const { autosave } = anAutosave(save)
    autosave.want(aDocument({ title: 'a' }))
    autosave.stop()
    expect(save).toHaveBeenCalledOnce()
    await vi.runAllTimersAsync()
    expect(save).toHaveBeenCalledOnce()
  })
})
