import { incomplete, read, unread, type Reading } from './reading'

const GLYPHS: Record<string, string> = {
  '⅛': ' 1/8',
  '¼': ' 1/4',
  '⅜': ' 3/8',
  '½': ' 1/2',
  '⅝': ' 5/8',
  '¾': ' 3/4',
  '⅞': ' 7/8',
}
const MOST_DECIMALS = 6
/** A fraction that still wants its lower number. */
const UNFINISHED_FRACTION = /^(?:\d{1,9}\s+)?\d{1,3}(?:\/)?$/
const HELP = 'Enter a rate such as 6.125 or 6 1/8.'

/** A rate or share as typed, in percent: 6.125, 6 1/8, 6⅛ %. At most six decimals. */
export function readPercent(text: string): Reading<number> {
  const plain = text
    .replace(/[⅛¼⅜½⅝¾⅞]/g, (glyph) => GLYPHS[glyph] ?? '')
    .replace(/\s*%\s*$/, '')
    .trim()
  if (plain.startsWith('-')) return unread('A rate is not negative.')
  const match = /^(\d{0,9})(?:[.,](\d*))?(?:(?:^|\s+)(\d{1,3})\/(\d{1,3}))?$/.exec(plain)
  const [, digits = '', decimals = '', top, bottom] = match ?? []
  if (/^[1-9]\d{0,2},\d{3}$/.test(plain)) return askedGroup(plain)
  if (!match || digits + decimals + (top ?? '') === '' || Number(bottom) === 0) {
    return UNFINISHED_FRACTION.test(plain) ? incomplete(HELP) : unread(HELP)
  }
  if (decimals.length > MOST_DECIMALS) return unread('A rate has at most six decimals.')
  const fraction = top ? Number(top) / Number(bottom) : 0
  const percent = Number(`${digits || '0'}.${decimals || '0'}`) + fraction
  const settled = Number(percent.toFixed(MOST_DECIMALS))
  return Math.abs(settled - percent) > 1e-9 ? unread('A rate has at most six decimals.') : read(settled)
}

/** A comma before three figures parts thousands or decimals. */
const askedGroup = (plain: string) =>
  incomplete(`Is that ${plain.replace(',', '.')} or ${plain.replace(',', '')}? Type it without the comma.`)

/** Below this a rate may as well be meant as a fraction: 0.0575 as 5.75 %. */
const MOST_AS_FRACTION = 0.3

/** An interest rate as typed, in percent; one that may be a fraction of 1 is asked. */
export function readRate(text: string): Reading<number> {
  const rate = readPercent(text)
  if (rate.status !== 'read' || rate.value === 0 || rate.value > MOST_AS_FRACTION || text.includes('%')) {
    return rate
  }
  const times = Number((rate.value * 100).toFixed(MOST_DECIMALS))
  return incomplete(`Is that ${rate.value} % or ${times} %? Type one of them with its % sign.`)
}

/** A change as typed, in percent: 2.5, +2, −1 %. */
export function readSignedPercent(text: string): Reading<number> {
  const sign = /^\s*([-−+])?/.exec(text)?.[1]
  const size = readPercent(text.replace(/^\s*[-−+]/, ''))
  return size.status === 'read' && sign !== undefined && sign !== '+' ? read(-size.value) : size
}
