import { describe, expect, it } from 'vitest'
import { matches } from './keys'
import { setSingleKeys } from './singleKeys'

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

  it('leaves single letters to fields, menus and dialogs, and can do without them', () => {
    const inside = (role: string) => {
      const around = document.createElement('div')
      around.setAttribute('role', role)
      return around.appendChild(document.createElement('button'))
    }
    expect(matches('n', pressed({ key: 'n' }))).toBe(true)
    expect(matches('n', pressed({ key: 'n' }, document.createElement('input')))).toBe(false)
    expect(matches('n', pressed({ key: 'n' }, inside('menu')))).toBe(false)
    expect(matches('n', pressed({ key: 'n' }, inside('dialog')))).toBe(false)
    setSingleKeys(false)
    expect(matches('n', pressed({ key: 'n' }))).toBe(false)
    setSingleKeys(true)
  })

  it('undoes the case from a finished figure, and leaves a text that is being typed its own undo', () => {
    const undo = { key: 'z', metaKey: true }
    const figure = document.createElement('input')
    figure.dataset.pointer = '/options/first/terms/ratePercent'
    expect(matches('Ctrl+Z', pressed(undo, figure))).toBe(true)
    figure.dataset.typed = ''
    expect(matches('Ctrl+Z', pressed(undo, figure))).toBe(false)
    expect(matches('Ctrl+Z', pressed(undo, document.createElement('input')))).toBe(false)
  })

  it('knows the question mark whatever key holds it', () => {
    expect(matches('?', pressed({ key: '?', shiftKey: true }))).toBe(true)
  })
})
