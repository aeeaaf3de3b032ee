/** Where no case says how dates are written: as the browser writes English, since the pages speak it. */
export const pageLocale = () => (/^en\b/.test(navigator.language) ? navigator.language : 'en-GB')
