import { describe, expect, it } from 'vitest'
import { MARKETS } from '../../format/market'
import { aSchedule } from '../../test/schedules'
import { columnsOf } from './columns'
import { lifeOf } from './life'
import { asTabbed, textRows } from './table'

const life = lifeOf(aSchedule())
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
})
