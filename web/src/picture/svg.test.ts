import { describe, expect, it } from 'vitest'
import tokens from '../ui/tokens.css?raw'
import { LIGHT } from './looks'
import { sheet } from './svg'

const parsed = (svg: string) => new DOMParser().parseFromString(svg, 'image/svg+xml')
const blank = { title: '', about: '', width: 300, height: 80 }

describe('sheet', () => {
  it('is a document of its own, whatever its words', async () => {
    const title = `Mill & Sons' "plot" <2>`
    const picture = parsed(
      await sheet({
        ...blank,
        title,
        about: 'a & b',
        parts: [{ mark: 'words', x: 1, y: 2, words: '<b>' }],
      }),
    )
    expect(picture.querySelector('parsererror')).toBeNull()
    expect(picture.documentElement.getAttribute('width')).toBe('348')
    expect(picture.querySelector('title')?.textContent).toBe(title)
    expect([...picture.querySelectorAll('text')].map((words) => words.textContent)).toEqual([
      title,
      'a & b',
      '<b>',
    ])
  })

  it('names each colour of its legend', async () => {
    const picture = parsed(
      await sheet({
        ...blank,
        parts: [
          {
            mark: 'legend',
            y: 8,
            entries: [
              ['Interest', 'interest'],
              ['Principal', 'principal'],
            ],
          },
        ],
      }),
    )
    expect(
      [...picture.querySelectorAll('tspan')].map((run) => run.getAttribute('fill') ?? run.textContent),
    ).toEqual([LIGHT.interest, 'Interest', LIGHT.principal, 'Principal'])
  })

  it('tells neighbours apart by a line of paper and a pattern', async () => {
    const bar = { mark: 'bar', x: 0, y: 0, width: 5, height: 5 } as const
    const picture = parsed(
      await sheet({
        ...blank,
        parts: [
          { ...bar, fill: 'housing-1' },
          { ...bar, fill: 'housing-2' },
        ],
      }),
    )
    const drawn = [...picture.querySelectorAll('g > rect')].map((rect) => rect.getAttribute('fill'))
    expect(drawn).toEqual([LIGHT['housing-1'], LIGHT['housing-2'], 'url(#housing-2)'])
    expect(picture.querySelector('g > rect')?.getAttribute('stroke')).toBe(LIGHT.paper)
    expect(picture.getElementById('housing-2')?.localName).toBe('pattern')
  })
})

describe('the light look', () => {
  it('is that of the screen', () => {
    const light = tokens.slice(tokens.indexOf('@theme'), tokens.indexOf("[data-theme='dark'] {"))
    for (const [colour, value] of Object.entries(LIGHT)) {
      expect(light).toContain(`--color-${colour}: ${value};`)
    }
  })
})
