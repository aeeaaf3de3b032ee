const count = (number: number, unit: string) => `${number} ${unit}${number === 1 ? '' : 's'}`

/** A term as short as it is typed: 27y 6m. */
export function shortTerm(months: number): string {
  const years = Math.floor(months / 12)
  const rest = months % 12
  return [years > 0 ? `${years}y` : '', rest > 0 || years === 0 ? `${rest}m` : ''].filter(Boolean).join(' ')
}

/** A term in words: 27 years 6 months. */
export function formatTerm(months: number): string {
  const years = Math.floor(months / 12)
  const rest = months % 12
  const parts = [years > 0 ? count(years, 'year') : '', rest > 0 || years === 0 ? count(rest, 'month') : '']
  return parts.filter(Boolean).join(' ')
}
