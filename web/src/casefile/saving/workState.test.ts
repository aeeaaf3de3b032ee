import { describe, expect, it } from 'vitest'
import { aSavedCase } from '../../test/documents'
import type { Phase } from './saverState'
import { stateOf } from './workState'

const resting: Phase = { name: 'resting' }
const calm = { phase: resting, isSaved: false, isHalfTyped: false, hasFaultyEntry: false, isSilent: false }

describe('whether the work is safe', () => {
  it.each([
    ['saved', { isSaved: true }],
    // A refused entry was taken back: what is held is what was acknowledged, whatever was on its way.
    ['saved', { isSaved: true, phase: { name: 'waiting' } as const }],
    ['saving', {}],
    ['typing', { isHalfTyped: true }],
    ['faulty', { hasFaultyEntry: true, isHalfTyped: true }],
    ['silent', { phase: { name: 'silent', attempt: 1 } as const }],
    ['silent', { isSilent: true }],
    ['failing', { phase: { name: 'failing', reason: 'disk full', attempt: 1 } as const }],
    ['refused', { phase: { name: 'refused', reason: 'too long' } as const }],
    ['conflict', { phase: { name: 'conflict', theirs: aSavedCase() } as const, hasFaultyEntry: true }],
  ])('%s', (name, known) => {
    expect(stateOf({ ...calm, ...known }).name).toBe(name)
  })
})
