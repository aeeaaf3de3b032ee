const count = (number: number, unit: string) => `${number} ${unit}${number === 1 ? '' : 's'}`

/** A term in words: 27 years 6 months. */
export function formatTerm(months: number): string {
  const years = Math.floor(months / 12)
  const rest = months % 12
  const parts = [years > 0 ? count(years, 'year') : '', rest > 0 || years === 0 ? count(rest, 'month') : '']
  return parts.filter(Boolean).join(' ')
}
