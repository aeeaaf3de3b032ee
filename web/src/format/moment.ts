import { pageLocale, pageTimeZone } from './pageLocale'

const written = (isoInstant: string, options: Intl.DateTimeFormatOptions) =>
  new Intl.DateTimeFormat(pageLocale(), { ...options, timeZone: pageTimeZone() }).format(new Date(isoInstant))

/** The time of day in the practice: 14:05, or 2:05 PM where that is usual. */
export const formatTime = (isoInstant: string) => written(isoInstant, { timeStyle: 'short' })

/** The day in the practice, written out: 1 March 2027, or March 1, 2027. */
export const formatDayOf = (isoInstant: string) =>
  written(isoInstant, { day: 'numeric', month: 'long', year: 'numeric' })

const shortDayOf = (isoInstant: string) =>
  written(isoInstant, { day: 'numeric', month: 'short', year: 'numeric' })

/** A moment in few words: its time today, else its day. */
export const formatMoment = (isoInstant: string, now: Date): string =>
  shortDayOf(isoInstant) === shortDayOf(now.toISOString()) ? formatTime(isoInstant) : shortDayOf(isoInstant)

/** A moment whole: 1 Mar 2027, 14:05. */
export const formatDayAndTime = (isoInstant: string) => `${shortDayOf(isoInstant)}, ${formatTime(isoInstant)}`
