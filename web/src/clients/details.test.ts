import { describe, expect, it } from 'vitest'
import { NOTHING_KNOWN, sameDetails, withTyped } from './details'

describe('what is typed of a client while it is saved elsewhere', () => {
  const base = { ...NOTHING_KNOWN, name: 'Odile Brandt', phone: '0555 0142' }

  it('stays in the fields that were changed, and nowhere else', () => {
    const typed = { ...base, notes: 'Prefers mornings.' }
    const saved = { ...base, email: 'odile@brandt.example', phone: '' }
    expect(withTyped(saved, typed, base)).toEqual({ ...saved, notes: 'Prefers mornings.' })
    expect(withTyped(saved, base, base)).toEqual(saved)
  })

  it('is told from what is saved by any field', () => {
    expect(sameDetails(base, { ...base })).toBe(true)
    expect(sameDetails(base, { ...base, address: '4 Fern Quay' })).toBe(false)
  })
})
