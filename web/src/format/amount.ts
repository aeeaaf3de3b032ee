/** An amount in whole cents. Never rounded for display: what is shown is what it is. */
const exact = new Intl.NumberFormat('en-US', { minimumFractionDigits: 2, maximumFractionDigits: 2 })
const whole = new Intl.NumberFormat('en-US', { maximumFractionDigits: 0 })

/** With two decimals always: 3,026.07. */
export const formatAmount = (cents: number) => exact.format(cents / 100)

/** As a person writes it: 468,500, and 468,500.50 only where there are cents. */
export const formatEntry = (cents: number) =>
  cents % 100 === 0 ? whole.format(cents / 100) : exact.format(cents / 100)

/** With its sign, and a true minus: +22,757.04 or −22,500.32. */
export const formatDifference = (cents: number) =>
  cents === 0 ? exact.format(0) : `${cents < 0 ? '−' : '+'}${exact.format(Math.abs(cents) / 100)}`

/** With the currency's sign, as its market writes it: $3,026.07. */
export const formatMoney = (cents: number, locale: string, currency: string) =>
  moneyIn(locale, currency).format(cents / 100)

/** Making one takes longer than writing hundreds of amounts with it. */
const formats = new Map<string, Intl.NumberFormat>()

function moneyIn(locale: string, currency: string): Intl.NumberFormat {
  const key = `${locale} ${currency}`
  const format =
    formats.get(key) ??
    new Intl.NumberFormat(locale, { style: 'currency', currency, currencyDisplay: 'narrowSymbol' })
  formats.set(key, format)
  return format
}
