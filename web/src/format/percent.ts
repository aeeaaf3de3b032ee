const NARROW_SPACE = '\u202f'
const asGiven = new Intl.NumberFormat('en-US', { maximumFractionDigits: 6 })

/** A rate or share as it was given, every digit: 6.125 %. */
export const formatPercent = (percent: number) => `${asGiven.format(percent)}${NARROW_SPACE}%`

/** A computed ratio to so many decimals: 83.00 %. */
export const formatRatio = (percent: number, decimals: number) =>
  `${percent.toLocaleString('en-US', { minimumFractionDigits: decimals, maximumFractionDigits: decimals })}${NARROW_SPACE}%`

/** A change with its sign: +2.5 % or −1 %. */
export const formatSignedPercent = (percent: number) =>
  `${percent < 0 ? '−' : '+'}${formatPercent(Math.abs(percent))}`
