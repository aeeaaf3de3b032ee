import { describe, expect, it } from 'vitest'
import { Refusal } from '../api/client'
import { fileProblems, placeWords } from './fileProblems'

describe('fileProblems', () => {
  it.each([
    ['/options/0/terms/ratePercent', 'options 1, terms, rate percent'],
    ['/debts/11/balanceCents', 'debts 12, balance cents'],
    ['/title', 'title'],
    ['', ''],
  ])('says where %s is', (pointer, words) => {
    expect(placeWords(pointer)).toBe(words)
  })

  it('tells each problem at its place', () => {
    const refusal = new Refusal(422, {
      fields: [{ pointer: '/options/1/name', message: 'Too long.' }],
    } as never)
    expect(fileProblems(refusal)).toEqual([{ place: 'options 2, name', message: 'Too long.' }])
  })

  it('tells what has no place by itself', () => {
    expect(fileProblems(new Error('This file is no JSON.'))).toEqual([
      { place: '', message: 'This file is no JSON.' },
    ])
  })
})
