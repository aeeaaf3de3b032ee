import { afterEach, describe, expect, it, vi } from 'vitest'
import { aDocument, aSavedCase } from '../test/documents'
import { saveCase } from './cases'
import { signOut } from './session'

const answerWith = (status: number, body: object) => {
  const asked: Request[] = []
  vi.stubGlobal('fetch', (request: Request) => {
    asked.push(request)
    return Promise.resolve(Response.json(body, { status }))
  })
  return asked
}

afterEach(() => vi.unstubAllGlobals())

describe('saving a case', () => {
  it('outlives its page unless it is larger than a browser sends then', async () => {
    const asked = answerWith(200, aSavedCase())
    await saveCase('c1', 1, aDocument())
    await saveCase('c1', 1, aDocument({ conclusion: 'x'.repeat(70_000) }))
    expect(asked.map(({ keepalive }) => keepalive)).toEqual([true, false])
  })
})

describe('signing out', () => {
  it('is done where the session has ended already', async () => {
    answerWith(401, {})
    await expect(signOut()).resolves.toBeUndefined()
  })

  it('says that it was refused, or that nobody was reached', async () => {
    answerWith(503, { detail: 'The database is busy.' })
    await expect(signOut()).rejects.toThrow('The database is busy.')
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('offline')))
    await expect(signOut()).rejects.toThrow('There is no connection to the server.')
  })
})
