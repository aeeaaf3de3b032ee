import { describe, expect, it } from 'vitest'
import { readHours } from './hours'

describe('hours a week', () => {
  it.each([
    ['26', 26],
    ['37.5 hours', 37.5],
    ['168', 168],
  ])('reads %s', (text, value) => expect(readHours(text)).toEqual({ status: 'read', value }))

  it.each(['168.5', 'full time', '-3'])('cannot read %s', (text) =>
    expect(readHours(text).status).toBe('unread'),
  )

  it('asks for more than nothing', () => expect(readHours('0').status).toBe('incomplete'))
})
