import { describe, expect, it } from 'vitest'
import type { Mark } from '../../picture/marks'
import { aSchedule } from '../../test/schedules'
import { lifeOf } from './life'
import { lifeMarks, lumpsOf } from './lifeMarks'

const box = { width: 400, height: 100, agreed: 4 }
const FOUR = ['2027-03-01', '2027-04-01', '2027-05-01', '2027-06-01']
const life = lifeOf(
  aSchedule({
    dates: FOUR,
    paymentCents: [0, 30000, 30000, 30000, 15000],
    interestCents: [0, 1000, 700, 100, 50],
    principalCents: [0, 29000, 29300, 29900, 14950],
    extraCents: [0, 0, 200000, 0, 0],
    insuranceCents: [0, 0, 0, 0, 0],
    balanceCents: [303150, 274150, 44850, 14950, 0],
    valueCents: [400000, 401000, 402000, 403000, 404000],
  }),
)
const words = (marks: readonly Mark[]) => marks.flatMap((mark) => (mark.mark === 'words' ? [mark.words] : []))

describe('the lifeline', () => {
  it('shows a lump as a mark of its own, and its payment without it', () => {
    expect(lumpsOf(life)).toEqual([2])
    const marks = lifeMarks(life, 'payment', box)
    const [interest, principal, stem, lump] = marks
    expect(interest).toMatchObject({ mark: 'area', fill: 'interest' })
    // All payments but the last are as high as the room below the lump's mark.
    expect(interest).toMatchObject({ path: expect.stringContaining('L150,16L250,16') as string })
    expect(principal).toMatchObject({ mark: 'area', fill: 'principal' })
    expect(stem).toMatchObject({ mark: 'line', path: 'M150,5V16' })
    expect(lump).toMatchObject({ mark: 'area', fill: 'principal' })
    expect(words(marks)).toEqual(['interest', 'principal'])
  })

  it('has no lump where payments only step', () => {
    const stepping = aSchedule({
      dates: FOUR,
      paymentCents: [0, 1000, 1000, 2000, 2000],
      extraCents: [0, 0, 0, 0, 0],
    })
    expect(lumpsOf(lifeOf(stepping))).toEqual([])
  })

  it('shows a balloon as a lump', () => {
    const balloon = aSchedule({
      dates: FOUR,
      paymentCents: [0, 1000, 1000, 1000, 90000],
      extraCents: [0, 0, 0, 0, 0],
    })
    expect(lumpsOf(lifeOf(balloon))).toEqual([4])
  })

  it('shows what was paid so far, up to the whole height', () => {
    const [interest] = lifeMarks(life, 'soFar', box)
    expect(interest).toMatchObject({ path: expect.stringContaining('L400,0') as string })
  })

  it('shows the balance, with the home’s value and the equity where a price is known', () => {
    const marks = lifeMarks(life, 'balance', box)
    expect(words(marks)).toEqual(['balance', 'home value', 'equity'])
    const loanOnly = { ...life, schedule: { ...life.schedule, valueCents: null } }
    expect(words(lifeMarks(loanOnly, 'balance', box))).toEqual(['balance'])
  })
})
