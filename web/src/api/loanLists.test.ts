import { afterEach, describe, expect, it, vi } from 'vitest'
import { keepLoanList } from './loanLists'

const LIST = { text: 'case,rate', columns: {} }
const STEP = { doing: 'KEEPING', done: 500, of: 900, outcome: null }
const OUTCOME = { count: 900 }

/** Has the server answer in these pieces. */
function answering(...pieces: string[]) {
  const body = new ReadableStream({
    start(stream) {
      for (const piece of pieces) stream.enqueue(new TextEncoder().encode(piece))
      stream.close()
    },
  })
  vi.stubGlobal('fetch', () => Promise.resolve(new Response(body)))
}

const kept = (told: (step: unknown) => void = () => undefined, stop = new AbortController()) =>
  keepLoanList(LIST, { told, signal: stop.signal })

describe('keepLoanList', () => {
  afterEach(() => vi.unstubAllGlobals())

  it('tells each step and comes to the outcome, wherever the answer is cut into pieces', async () => {
    const told = vi.fn()
    const answer = `${JSON.stringify(STEP)}\n${JSON.stringify({ ...STEP, doing: 'DONE', outcome: OUTCOME })}\n`
    answering(answer.slice(0, 20), answer.slice(20, 70), answer.slice(70))

    expect(await kept(told)).toEqual(OUTCOME)
    expect(told.mock.calls).toEqual([[STEP]])
  })

  it('says so where the answer ends before the outcome', async () => {
    answering(`${JSON.stringify(STEP)}\n`)

    await expect(kept()).rejects.toThrow('The connection broke off')
  })

  it('says so where it was stopped', async () => {
    const stop = new AbortController()
    stop.abort()

    await expect(kept(undefined, stop)).rejects.toThrow('Stopped. Nothing was kept.')
  })
})
