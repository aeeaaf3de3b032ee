import { expect, it } from 'vitest'
import { readBaths, readRooms } from './rooms'

it.each([
  ['2', 2],
  ['2.', 2],
  ['2.5', 2.5],
  ['2 1/2', 2.5],
  ['2½', 2.5],
  ['20', 20],
])('reads %s baths', (text, baths) => expect(readBaths(text)).toEqual({ status: 'read', value: baths }))

it.each(['20.5', '2.25', '-1', 'two', ''])('refuses “%s” baths', (text) =>
  expect(readBaths(text).status).toBe('unread'),
)

it('reads whole rooms up to twenty', () => {
  expect(readRooms('0')).toEqual({ status: 'read', value: 0 })
  expect(readRooms('21').status).toBe('unread')
  expect(readRooms('2.5').status).toBe('unread')
})
