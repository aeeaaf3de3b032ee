/** By how much the arrow keys change a figure. */
export const AMOUNT_STEP_CENTS = 1000_00
export const EXTRA_STEP_CENTS = 50_00
export const RATE_STEP_PERCENT = 0.125
export const TERM_STEP_MONTHS = 12

export const notNegative = (value: number) => Math.max(0, value)

/** Sums of decimals such as 6.1 + 0.125 without the tail that binary fractions leave. */
export const settled = (percent: number) => Number(notNegative(percent).toFixed(6))
