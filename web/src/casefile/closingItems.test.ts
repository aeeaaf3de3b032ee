import { describe, expect, it } from 'vitest'
import { aDocument } from '../test/documents'
import { itemOf, withItem } from './closingItems'
import { amount, baselineOf, share } from './option'

const option = baselineOf(aDocument())

describe('items at closing', () => {
  it('take the place of the first of their kind, and keep its id', () => {
    const fees = withItem('LOAN_FEE', amount(90000))(withItem('POINTS', share(1))(option))
    const raised = withItem('LOAN_FEE', amount(120000))(fees)
    expect(raised.closing.items[1]).toEqual({ ...itemOf(fees, 'LOAN_FEE'), amount: amount(120000) })
    expect(withItem('POINTS', null)(raised).closing.items).toEqual([raised.closing.items[1]])
  })

  it('are none for nothing', () => {
    expect(itemOf(option, 'SELLER_CREDIT')).toBeUndefined()
    expect(withItem('SELLER_CREDIT', null)(option).closing.items).toEqual([])
  })
})
