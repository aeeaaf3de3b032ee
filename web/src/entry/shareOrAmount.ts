import { readAmount, type Where } from './amount'
import { readPercent } from './percent'
import { splitSpan } from './perTime'
import { incomplete, read, unread, type Reading } from './reading'

/** A share of something in percent, or an amount in cents. */
export type ShareOrAmount = { unit: 'percent' | 'cents'; value: number }

/**
 * A share or an amount as typed, by the whole of the text: with a percent sign a share; with a currency, with groups of thousands,
 * cents or beyond any share an amount. A bare number that could be either is what stood there before; where that was an
 * amount, it is asked.
 */
export function readShareOrAmount(
  text: string,
  before: string,
  mostPercent: number,
  where?: Where,
): Reading<ShareOrAmount> {
  const plain = text.trim()
  if (plain.includes('%')) return as('percent', readPercent(plain))
  if (/^\d{1,3}\/\d{1,3}$/.test(plain)) return askedFraction(plain, mostPercent)
  const percent = readPercent(plain)
  const amount = readAmount(plain, before, where)
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

/** The same where an amount is kept by the year, and may be quoted for another span: 385 a month. */
export function readShareOrYearly(
  text: string,
  before: string,
  mostPercent: number,
  where?: Where,
): Reading<ShareOrAmount> {
  const { amount, timesAYear } = splitSpan(text)
  if (timesAYear === null || amount.includes('%')) {
    return readShareOrAmount(timesAYear === 1 ? amount : text, before, mostPercent, where)
  }
  const reading = readAmount(amount, before, where)
  return reading.status === 'read' ? read({ unit: 'cents', value: reading.value * timesAYear }) : reading
}

/** Thousands parted as a person does it: 60,000 is no 60 with decimals. */
const isGrouped = (text: string) => /\d[,'’ \u00a0\u202f]\d{3}(?!\d)/.test(text)

/** A bare fraction is of the whole or of a percent: a fifth down is 20 %, not 0.2 %. */
function askedFraction(plain: string, mostPercent: number): Reading<ShareOrAmount> {
  const percent = readPercent(plain)
  if (percent.status !== 'read') return unread(percent.message)
  const ofWhole = Number((percent.value * 100).toFixed(6))
  return ofWhole > mostPercent
    ? as('percent', percent)
    : incomplete(`Is that ${ofWhole} % or ${percent.value} %? Type one of them with its % sign.`)
}

function as(unit: ShareOrAmount['unit'], reading: Reading<number>): Reading<ShareOrAmount> {
  return reading.status === 'read' ? read({ unit, value: reading.value }) : unread(reading.message)
}
