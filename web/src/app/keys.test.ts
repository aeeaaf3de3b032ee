import { describe, expect, it } from 'vitest'
import { matches } from './keys'

const pressed = (init: KeyboardEventInit, target: HTMLElement = document.body) => {
  const event = new KeyboardEvent('keydown', init)
  Object.defineProperty(event, 'target', { value: target })
  return event
}

describe('matches', () => {
  it('tells undo from redo', () => {
    expect(matches('Ctrl+Z', pressed({ key: 'z', ctrlKey: true }))).toBe(true)
    expect(matches('Ctrl+Z', pressed({ key: 'Z', ctrlKey: true, shiftKey: true }))).toBe(false)
    expect(matches('Ctrl+Shift+Z', pressed({ key: 'Z', ctrlKey: true, shiftKey: true }))).toBe(true)
  })

  it('leaves single letters to whoever types', () => {
    expect(matches('n', pressed({ key: 'n' }))).toBe(true)
    expect(matches('n', pressed({ key: 'n' }, document.createElement('input')))).toBe(false)
    expect(matches('Ctrl+Z', pressed({ key: 'z', metaKey: true }, document.createElement('input')))).toBe(
      true,
    )
  })

  it('knows the question mark whatever key holds it', () => {
    expect(matches('?', pressed({ key: '?', shiftKey: true }))).toBe(true)
  })
})
