import { expect, it } from 'vitest'
import { curveMarks, curveScales, type Curve } from './curveMarks'

const curve: Curve = {
  points: [
    { at: 100, value: 1.4 },
    { at: 200, value: 1.1 },
    { at: 300, value: 0.9 },
  ],
  level: 1.25,
  levelWords: 'least, 1.25 times',
  today: 200,
  writeAt: String,
  writeValue: (value) => value.toFixed(2),
}

it('lays points and level into the picture', () => {
  const { x, y } = curveScales(curve, 464, 200)
  expect([x(100), x(300)]).toEqual([64, 464])
  expect(y(1.4)).toBeLessThan(y(1.25))
  expect(y(0.9)).toBeLessThanOrEqual(180)
})

it('draws the level dashed, today upright, and says both ends', () => {
  const marks = curveMarks(curve, 464, 200)
  const lines = marks.filter((mark) => mark.mark === 'line')
  expect(lines.filter(({ dash }) => dash !== undefined)).toHaveLength(1)
  expect(lines.some(({ path }) => path.startsWith('M264,'))).toBe(true)
  const words = marks.flatMap((mark) => (mark.mark === 'words' ? [mark.words] : []))
  expect(words).toEqual(expect.arrayContaining(['100', '300', 'least, 1.25 times']))
})
