import type { CaseDocument } from '../api/client'

export type CurrencyCode = CaseDocument['currency']

const LOCALES: Record<CurrencyCode, string> = {
  USD: 'en-US',
  CAD: 'en-CA',
  GBP: 'en-GB',
  AUD: 'en-AU',
  NZD: 'en-NZ',
  EUR: 'en-IE',
  CHF: 'en-CH',
}

export const CURRENCIES = Object.keys(LOCALES) as CurrencyCode[]

/** The way numbers and dates are written where a currency is used. */
export const localeOf = (currency: CurrencyCode) => LOCALES[currency]
