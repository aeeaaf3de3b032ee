import type { CaseDocument } from '../api/client'
import markets from '../words/markets.json'

export type CurrencyCode = CaseDocument['currency']
export type Market = NonNullable<CaseDocument['market']>

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

/** What a market calls the things that a case speaks of. */
export type MarketWords = {
  name: string
  locale: string
  /** Behind the figure in the sentence: with 17 % down. */
  down: string
  downPayment: string
  propertyTax: string
  mortgageInsurance: string
  dues: string
  closing: string
  /** In the sentence, before how long the rate is fixed. */
  rateTerm: string
  ratePeriod: string
  cashToClose: string
  /** To replace a loan by another, at the start of a line. */
  refinance: string
  /** The yearly rate of the whole cost, as the market's law calls it. */
  creditCostRate: string
  frontRatio: string
  backRatio: string
}

export const MARKETS: Record<Market, MarketWords> = markets

/** What the markets are called. */
export const MARKET_NAMES = Object.fromEntries(
  Object.entries(MARKETS).map(([market, { name }]) => [market, name]),
) as Record<Market, string>

const MARKET_OF: Partial<Record<CurrencyCode, Market>> = { CAD: 'CA', GBP: 'GB', AUD: 'AU' }

/** The market whose words and way of writing a case uses: the one chosen, else the one its currency suggests. */
export const marketOf = ({ market, currency }: Pick<CaseDocument, 'market' | 'currency'>): Market =>
  market ?? MARKET_OF[currency] ?? 'US'

/** The way numbers and dates are written in a case. */
export const localeOfCase = (document: Pick<CaseDocument, 'market' | 'currency'>): string =>
  document.market ? MARKETS[document.market].locale : localeOf(document.currency)
