import { describe, expect, it } from 'vitest'
import { areSeveral, namesIn } from './clientNames'

describe('names between commas', () => {
  it.each([
    ['Ansel Brook, Mira Brook', ['Ansel Brook', 'Mira Brook'], true],
    ['Brook, Ansel', ['Brook', 'Ansel'], false],
    ['Ansel and Mira Brook', ['Ansel and Mira Brook'], false],
    ['Ansel Brook, , Ansel Brook,', ['Ansel Brook'], false],
    ['', [], false],
  ])('%s', (text, names, several) => {
    expect(namesIn(text)).toEqual(names)
    expect(areSeveral(namesIn(text))).toBe(several)
  })
})
