import { describe, expect, it } from 'vitest'
import type { QuantityView, WorkingView } from '../api/client'
import { WHOLE_OPTION } from '../api/workings'
import { knownAs, sourceOf } from './known'

const working = (figure: WorkingView['figure'], result: QuantityView, inputs: QuantityView[] = []) =>
  ({ figure, result, inputs }) as WorkingView
const payment = (value: string): QuantityView => ({ name: 'PAYMENT', unit: 'AMOUNT', value })

const LINE = { of: 'line', line: 61 } as const
const ofLine = { working: working('LINE_PAYMENT', payment('1702.11')), subject: LINE }
const ofOption = { working: working('PAYMENT', payment('1632.21')), subject: WHOLE_OPTION }
const month = working('PRINCIPAL_AND_INTEREST', payment('1632.21'), [payment('1632.21')])

describe('sourceOf', () => {
  it('is the working that gave the very number', () => {
    expect(sourceOf(payment('1632.21'), month, [ofLine, ofOption])).toBe(ofOption)
    expect(sourceOf(payment('1702.11'), month, [ofLine, ofOption])).toBe(ofLine)
  })

  it('is none for a number that no working gave, nor ever the working itself', () => {
    expect(sourceOf(payment('1500.00'), month, [ofLine, ofOption])).toBeUndefined()
    expect(sourceOf(payment('1702.11'), ofLine.working, [ofLine])).toBeUndefined()
  })
})

describe('knownAs', () => {
  it('is the nearest of that figure', () => {
    const own = { working: working('HOUSING_COST', payment('2.00')), subject: LINE }
    const whole = { working: working('HOUSING_COST', payment('1.00')), subject: WHOLE_OPTION }
    expect(knownAs('HOUSING_COST', [own, whole])).toBe(own)
    expect(knownAs('EQUITY', [own, whole])).toBeUndefined()
  })
})
