import type { Market } from '../format/market'

/** What a start in each market brings with it. */
export const MARKET_NOTES: Record<Market, string> = {
  US: 'US dollars; interest compounds and is paid monthly; 30 years with 20 % down; mortgage insurance above 80 % loan-to-value.',
  CA: 'Canadian dollars; interest compounds half-yearly, not in advance; 25 years of amortization, the rate for a term of 5.',
  GB: 'Pounds sterling; monthly interest; 25 years with a deposit of 15 %, the rate fixed for 2.',
  AU: 'Australian dollars; monthly interest, payments rounded up; 30 years with a deposit of 20 %.',
}
