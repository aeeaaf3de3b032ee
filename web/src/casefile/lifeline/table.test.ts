import { describe, expect, it } from 'vitest'
import { MARKETS } from '../../format/market'
import { columnsOf } from './columns'
import { lifeOf } from './life'
import { asCsv, asTabbed, textRows } from './table'

const life = lifeOf({
  dates: ['2027-03-01', '2027-04-01'],
  paymentCents: [0, 50000, 50250],
  interestCents: [0, 500, 250],
  principalCents: [0, 49500, 50000],
  extraCents: [0, 500, 0],
  insuranceCents: [0, 0, 0],
  balanceCents: [100000, 50000, 0],
  valueCents: null,
  milestones: [],
  proof: {
    closingBalanceCents: 0,
    principalCents: 100000,
    borrowedCents: 100000,
    formulaAfterPayment: null,
    formulaBalance: null,
    scheduleBalanceCents: null,
  },
})
const { paid, extra, interestSoFar, equity } = columnsOf(MARKETS.US)

describe('a schedule as text', () => {
  it('pastes into columns', () => {
    expect(asTabbed(textRows(life, [paid, extra, interestSoFar], { first: 1, last: 2 }))).toBe(
      'Payment\tDate\tPaid\tExtra\tInterest so far\n' +
        '1\t2027-03-01\t505.00\t5.00\t5.00\n' +
        '2\t2027-04-01\t502.50\t0.00\t7.50',
    )
  })

  it('leaves out what is not known', () => {
    expect(textRows(life, [equity], { first: 2, last: 2 })[1]).toEqual(['2', '2027-04-01', ''])
  })

  it('quotes what would break a line', () => {
    expect(asCsv([['a,b', 'say "so"']])).toBe('"a,b","say ""so"""\r\n')
  })
})
