import { describe, expect, it } from 'vitest'
import { aComparison } from '../../test/comparisons'
import { costMarks, costScales, differenceAfter, nearMonths, shownOf, spread } from './costMarks'

const comparison = aComparison([
  { id: 'base', costs: [10000, 20000, 30000] },
  { id: 'less', costs: [10000, 10000, 0] },
  { id: 'more', costs: [10000, 25000, 40000] },
])
const box = { width: 200, height: 100, months: 2 }

describe('the lines of options over time', () => {
  it('are differences to the baseline, which is no line of its own', () => {
    const shown = shownOf(comparison, new Set())
    expect(shown.map((option) => differenceAfter(comparison, option, 2))).toEqual([0, -30000, 10000])
    const lines = costMarks(comparison, shown, box).filter(
      (mark) => 'thickness' in mark && mark.thickness === 2,
    )
    expect(lines).toHaveLength(2)
  })

  it('fill the box that their differences need, and leave out what is hidden', () => {
    const all = costScales(comparison, shownOf(comparison, new Set()), box)
    const one = costScales(comparison, shownOf(comparison, new Set(['less'])), box)
    expect(all.x(2)).toBe(200)
    expect(all.y(0)).toBeLessThan(50)
    expect(one.y(0)).toBe(100)
    expect(one.y(10000)).toBe(0)
  })

  it('are told apart by dash as well as by colour', () => {
    const looks = comparison.options.map(({ look }) => look)
    expect(new Set(looks.map(({ colour }) => colour)).size).toBe(3)
    expect(looks[2]?.dash).not.toBe(looks[1]?.dash)
  })

  it('stay as they are where the chart reaches beyond them', () => {
    const [, less] = shownOf(comparison, new Set())
    expect(less && differenceAfter(comparison, less, 99)).toBe(-30000)
  })
})

it('near years reach somewhat beyond how long they keep it, and never beyond the horizon', () => {
  const of = (keptMonths: number, horizonMonths: number) =>
    nearMonths(aComparison([{ id: 'base', costs: [0, 1] }], { keptMonths, horizonMonths }))
  expect(of(60, 360)).toBe(120)
  expect(of(120, 360)).toBe(156)
  expect(of(300, 360)).toBe(360)
  expect(of(60, 84)).toBe(84)
})

it('labels are pushed apart and stay within their room', () => {
  expect(spread([10, 12, 90], 20, 0, 100)).toEqual([10, 30, 90])
  expect(spread([98, 99, 100], 20, 0, 100)).toEqual([60, 80, 100])
  expect(spread([50, 10], 20, 0, 100)).toEqual([50, 10])
})
