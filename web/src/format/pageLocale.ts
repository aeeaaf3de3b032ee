/** How what stands outside any case is written: as is usual in the practice's market, at the time that it is there. */
type PageFormat = { locale: string; timeZone: string | undefined }

/** Until somebody is signed in, as the browser writes English, since the pages speak it. */
let format: PageFormat = {
  locale: /^en\b/.test(navigator.language) ? navigator.language : 'en-GB',
  timeZone: undefined,
}

/** Writes as the practice of who is signed in does. */
export const writePagesAs = (practice: PageFormat) => {
  format = practice
}

/** How dates are written where no case says it. */
export const pageLocale = () => format.locale

/** The practice's time zone; the browser's own before anybody is signed in. */
export const pageTimeZone = () => format.timeZone
