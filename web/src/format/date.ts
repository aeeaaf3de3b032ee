/** Dates travel as ISO texts (2027-03-01) and stand for a day, not for a moment in some time zone. */
const at = (isoDate: string) => new Date(`${isoDate}T00:00:00Z`)

/** Making one takes longer than writing hundreds of dates with it. */
const formats = new Map<string, Intl.DateTimeFormat>()

function written(locale: string, options: Intl.DateTimeFormatOptions): Intl.DateTimeFormat {
  const key = `${locale} ${options.month} ${options.day}`
  let format = formats.get(key)
  if (!format) {
    format = new Intl.DateTimeFormat(locale, { ...options, timeZone: 'UTC' })
    formats.set(key, format)
  }
  return format
}

/** The day, written out: 1 March 2027, or March 1, 2027 where that is usual. */
export const formatDay = (isoDate: string, locale: string) =>
  written(locale, { day: 'numeric', month: 'long', year: 'numeric' }).format(at(isoDate))

/** The day in short: 1 Mar 2027, or Mar 1, 2027 where that is usual. */
export const formatShortDay = (isoDate: string, locale: string) =>
  written(locale, { day: 'numeric', month: 'short', year: 'numeric' }).format(at(isoDate))

/** Month and year: Feb 2057. */
export const formatMonth = (isoDate: string, locale: string) =>
  written(locale, { month: 'short', year: 'numeric' }).format(at(isoDate))
