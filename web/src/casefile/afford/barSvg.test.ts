import { describe, expect, it } from 'vitest'
import { LIGHT } from '../../picture/looks'
import { barSvg } from './barSvg'

describe('barSvg', () => {
  it('lays the parts on the whole, and marks a limit that is missed', async () => {
    const svg = await barSvg({
      title: 'Fern Rise',
      about: 'Gross income, 8,000.00 a month',
      parts: [
        { name: 'Principal and interest', cents: 200000, colour: 'principal' },
        { name: 'Debts', cents: 100000, colour: 'debts' },
      ],
      whole: 800000,
      notches: [{ key: 0, atCents: 280000, text: 'All at most 35 %: over', isMissed: true }],
    })
    const picture = new DOMParser().parseFromString(svg, 'image/svg+xml')
    const bars = [...picture.querySelectorAll('g > rect')].map((bar) => [
      bar.getAttribute('x'),
      bar.getAttribute('width'),
      bar.getAttribute('fill'),
    ])
    expect(bars).toContainEqual(['0', '225', LIGHT.principal])
    expect(bars).toContainEqual(['225', '112.5', LIGHT.debts])
    expect(svg).toContain(`d="M315,22V84" `)
    expect(picture.documentElement.textContent).toContain('All at most 35 %: over')
    expect(picture.documentElement.textContent).toContain('Debts 1,000.00')
  })
})
