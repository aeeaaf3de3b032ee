import { describe, expect, it } from 'vitest'
import { marksOf } from './marksOf'

describe('marksOf', () => {
  it('draws what the server sends as the screen draws its own', () => {
    expect(
      marksOf([
        { mark: 'bar', x: 1, y: 2, width: 3, height: 4, fill: 'interest' },
        { mark: 'line', path: 'M0,0V9', stroke: 'rule', dash: null, thickness: 1 },
        { mark: 'line', path: 'M0,0V9', stroke: 'soft', dash: '4 3', thickness: 2 },
        { mark: 'words', x: 5, y: 6, words: 'balance', anchor: 'END', colour: 'ink', weight: 600 },
      ]),
    ).toEqual([
      { mark: 'bar', x: 1, y: 2, width: 3, height: 4, fill: 'interest' },
      { mark: 'line', path: 'M0,0V9', stroke: 'rule', thickness: 1 },
      { mark: 'line', path: 'M0,0V9', stroke: 'soft', dash: '4 3', thickness: 2 },
      { mark: 'words', x: 5, y: 6, words: 'balance', anchor: 'end', colour: 'ink', weight: 600 },
    ])
  })

  it('draws in ink what has a colour that it does not know', () => {
    expect(marksOf([{ mark: 'area', path: 'M0,0Z', fill: 'of-a-later-version' }])).toEqual([
      { mark: 'area', path: 'M0,0Z', fill: 'ink' },
    ])
  })
})
