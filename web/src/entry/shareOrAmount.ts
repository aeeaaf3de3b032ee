import { readAmount } from './amount'
import { readPercent } from './percent'
import { incomplete, read, unread, type Reading } from './reading'

/** A share of something in percent, or an amount in cents. */
export type ShareOrAmount = { unit: 'percent' | 'cents'; value: number }

/**
 * A share or an amount as typed, by the whole of the text: with a percent sign a share; with groups of thousands, cents
 * or beyond any share an amount. A bare number that could be either is what stood there before; where that was an
 * amount, it is asked.
 */
export function readShareOrAmount(text: string, before: string, mostPercent: number): Reading<ShareOrAmount> {
  const plain = text.trim()
  if (plain.includes('%')) return as('percent', readPercent(plain))
  const percent = readPercent(plain)
  const amount = readAmount(plain)
  const canBeShare = percent.status === 'read' && percent.value <= mostPercent && !isGrouped(plain)
  if (before.includes('%') && canBeShare) return as('percent', percent)
  if (amount.status !== 'read') {
    return canBeShare && plain.includes('/') ? as('percent', percent) : amount
  }
  return canBeShare && amount.value !== 0 && !/\.\d\d$/.test(plain)
    ? incomplete(
        `Is that ${plain} % or an amount of ${plain}? Type ${plain} % or ${(amount.value / 100).toFixed(2)}.`,
      )
    : as('cents', amount)
}

/** Thousands parted as a person does it: 60,000 is no 60 with decimals. */
const isGrouped = (text: string) => /\d[,'’ \u00a0\u202f]\d{3}(?!\d)/.test(text)

function as(unit: ShareOrAmount['unit'], reading: Reading<number>): Reading<ShareOrAmount> {
  return reading.status === 'read' ? read({ unit, value: reading.value }) : unread(reading.message)
}
