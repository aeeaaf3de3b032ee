import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { Refusal, type CaseDocument } from '../../api/client'
import { aDocument, aSavedCase } from '../../test/documents'
import { Saver, type Save } from './Saver'

beforeEach(() => void vi.useFakeTimers())
afterEach(() => void vi.useRealTimers())

const storing = () =>
  vi.fn<Save>((revision, document) => Promise.resolve(aSavedCase({ revision: revision + 1, document })))

const wanting = (saver: Saver, document: CaseDocument) => saver.tell({ name: 'wanted', document })
const titled = (title: string) => aDocument({ title })

describe('Saver', () => {
  it('stores the last of several quick changes, once', async () => {
    const save = storing()
    const saver = new Saver(aSavedCase(), [], save)
    for (const title of ['a', 'ab', 'abc']) wanting(saver, titled(title))
    await vi.runAllTimersAsync()

    expect(save.mock.calls).toEqual([[0, titled('abc')]])
    expect(saver.state.phase.name).toBe('resting')
  })

  it('waits from the last change, not from the first', async () => {
    const save = storing()
    const saver = new Saver(aSavedCase(), [], save)
    wanting(saver, titled('a'))
    await vi.advanceTimersByTimeAsync(600)
    wanting(saver, titled('ab'))
    await vi.advanceTimersByTimeAsync(600)
    expect(save).not.toHaveBeenCalled()
  })

  it('names the revision that each change was made to', async () => {
    const save = storing()
    const saver = new Saver(aSavedCase(), [], save)
    for (const title of ['a', 'b']) {
      wanting(saver, titled(title))
      await vi.runAllTimersAsync()
    }
    expect(save.mock.calls.map(([revision]) => revision)).toEqual([0, 1])
  })

  it.each([
    ['silent', new TypeError('fetch failed'), 2_000],
    ['failing', new Refusal(500, { title: 'The disk is full' }), 5_000],
  ])('tries again by itself while it is %s, ever more rarely', async (phase, error, firstMs) => {
    const save = storing().mockRejectedValueOnce(error).mockRejectedValueOnce(error)
    const saver = new Saver(aSavedCase(), [], save)
    wanting(saver, titled('a'))
    saver.tell({ name: 'due' })
    await vi.advanceTimersByTimeAsync(0)
    expect(saver.state.phase.name).toBe(phase)

    await vi.advanceTimersByTimeAsync(firstMs)
    expect(save).toHaveBeenCalledTimes(2)
    await vi.advanceTimersByTimeAsync(firstMs)
    expect(save).toHaveBeenCalledTimes(2)
    await vi.advanceTimersByTimeAsync(firstMs)
    expect(save).toHaveBeenCalledTimes(3)
    expect(saver.state.phase.name).toBe('resting')
  })

  it('does not send again what the server does not take', async () => {
    const save = storing().mockRejectedValue(new Refusal(422, { detail: 'A title is too long.' }))
    const saver = new Saver(aSavedCase(), [], save)
    wanting(saver, titled('a'))
    await vi.runAllTimersAsync()
    expect(save).toHaveBeenCalledOnce()
    expect(saver.state.phase).toEqual({ name: 'refused', reason: 'A title is too long.' })
  })

  it('waits at a conflict until the advisor has chosen', async () => {
    const theirs = aSavedCase({ revision: 4, document: titled('theirs') })
    const save = storing().mockRejectedValueOnce(new Refusal(409, { saved: theirs }))
    const saver = new Saver(aSavedCase(), [], save)
    wanting(saver, titled('mine'))
    await vi.runAllTimersAsync()
    wanting(saver, titled('mine still'))
    await vi.runAllTimersAsync()
    expect(save).toHaveBeenCalledOnce()

    saver.tell({ name: 'adopted', view: theirs })
    wanting(saver, titled('mine still'))
    await vi.runAllTimersAsync()
    expect(save.mock.calls[1]).toEqual([4, titled('mine still')])
  })

  it('sends nothing more once it is stopped, not even what waits or was being sent', async () => {
    const save = storing().mockRejectedValue(new TypeError('fetch failed'))
    const saver = new Saver(aSavedCase(), [], save)
    wanting(saver, titled('a'))
    saver.tell({ name: 'due' })
    wanting(saver, titled('b'))
    saver.tell({ name: 'stopped' })
    await vi.runAllTimersAsync()
    expect(save).toHaveBeenCalledOnce()
  })
})
