import type { QuantityView } from '../api/client'
import { formatDay } from '../format/date'

/** Beyond these, digits say nothing to anybody. */
const MOST_DECIMALS = 12
const MOST_DECIMALS_OF_AMOUNT = 6
const NARROW_SPACE = '\u202f'

/** A number of a working with all the digits that say something: 1,632.21, 1,632.213868…, 0.458333… %. */
export function formatQuantity({ unit, value }: QuantityView, locale: string): string {
  switch (unit) {
    case 'DAY':
      return formatDay(value, locale)
    case 'PERCENT':
      return `${decimal(value, 0, MOST_DECIMALS)}${NARROW_SPACE}%`
    case 'AMOUNT':
      return decimal(value, 2, MOST_DECIMALS_OF_AMOUNT)
    case 'NUMBER':
      return decimal(value, 0, MOST_DECIMALS)
  }
}

/** Digits as given, cut where they go on for ever, with commas between thousands and at least so many decimals. */
function decimal(value: string, fewest: number, most: number): string {
  const [whole = '0', decimals = ''] = value.replace('-', '').split('.')
  const cut = decimals.length > most
  const kept = decimals.slice(0, most).replace(/0+$/, '').padEnd(fewest, '0')
  const sign = value.startsWith('-') && /[1-9]/.test(value) ? '−' : ''
  const grouped = whole.replace(/\B(?=(\d{3})+$)/g, ',')
  return `${sign}${grouped}${kept === '' ? '' : `.${kept}`}${cut && /[1-9]/.test(decimals.slice(most)) ? '…' : ''}`
}
