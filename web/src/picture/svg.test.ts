import { describe, expect, it } from 'vitest'
import { legend, sheet, text } from './svg'

const parsed = (svg: string) => new DOMParser().parseFromString(svg, 'image/svg+xml')

describe('sheet', () => {
  it('is a document of its own, whatever its words', () => {
    const title = `Mill & Sons' "plot" <2>`
    const picture = parsed(
      sheet({ title, about: 'a & b', width: 300, height: 80, parts: [text(1, 2, '<b>')] }),
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
})

describe('legend', () => {
  it('names each colour', () => {
    const words = parsed(
      `<svg xmlns="http://www.w3.org/2000/svg">${legend(0, 8, [
        ['Interest', '#c4683f'],
        ['Principal', '#35506f'],
      ])}</svg>`,
    )
    expect(
      [...words.querySelectorAll('tspan')].map((run) => run.getAttribute('fill') ?? run.textContent),
    ).toEqual(['#c4683f', 'Interest', '#35506f', 'Principal'])
  })
})
