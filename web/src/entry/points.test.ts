import { expect, it } from 'vitest'
import { readPoints } from './points'

it.each([
  ['1.25', 1.25],
  ['1 1/8', 1.125],
  ['−0.5', -0.5],
])('reads %s as points', (text, percent) => {
  expect(readPoints(text)).toEqual({ status: 'read', value: percent })
})

it('says how points are typed', () => {
  expect(readPoints('some')).toMatchObject({ message: 'Enter points such as 1.25, or −0.5 for a credit.' })
})
