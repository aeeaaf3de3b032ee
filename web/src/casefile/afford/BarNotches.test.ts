import { expect, it } from 'vitest'
import { placedOf } from './BarNotches'

const notch = (atCents: number, text = 'a notch of twenty ch') => ({
  key: atCents,
  atCents,
  text,
  isMissed: false,
})

it('puts words at the left of their notch, in one row where they do not meet', () => {
  expect(placedOf([notch(900), notch(300)], 1000, 1000)).toMatchObject([
    { notch: { atCents: 300 }, isLeft: true, row: 0 },
    { notch: { atCents: 900 }, isLeft: true, row: 0 },
  ])
})

it('puts words a row further down than the notch that they would meet', () => {
  expect(placedOf([notch(400), notch(450), notch(500)], 1000, 1000).map(({ row }) => row)).toEqual([0, 1, 2])
})

it('puts words at the right where there is no room at the left', () => {
  expect(placedOf([notch(10), notch(200)], 1000, 1000)).toMatchObject([
    { isLeft: false, row: 0 },
    { isLeft: true, row: 1 },
  ])
})
