import type { MarketWords } from '../../format/market'
import type { Sums } from './life'

/** A column of figures in the schedule: of a line's own payments, or of all so far. */
export type Column = {
  key: ColumnKey
  name: string
  of: (own: Sums, soFar: Sums) => number | null
  /** Whether nothing is written for a line where it is zero. */
  sparse?: boolean
}

export type ColumnKey =
  | 'paid'
  | 'interest'
  | 'principal'
  | 'extra'
  | 'insurance'
  | 'interestSoFar'
  | 'principalSoFar'
  | 'balance'
  | 'equity'

/** Every column, in the order in which they stand. */
export function columnsOf(words: MarketWords): Record<ColumnKey, Column> {
  return {
    paid: { key: 'paid', name: 'Paid', of: (own) => own.paidCents },
    interest: { key: 'interest', name: 'Interest', of: (own) => own.interestCents },
    principal: { key: 'principal', name: 'Principal', of: (own) => own.principalCents - own.extraCents },
    extra: { key: 'extra', name: 'Extra', of: (own) => own.extraCents, sparse: true },
    insurance: {
      key: 'insurance',
      name: words.mortgageInsurance.length > 18 ? 'Insurance' : words.mortgageInsurance,
      of: (own) => own.insuranceCents,
      sparse: true,
    },
    interestSoFar: { key: 'interestSoFar', name: 'Interest so far', of: (_, soFar) => soFar.interestCents },
    principalSoFar: {
      key: 'principalSoFar',
      name: 'Principal so far',
      of: (_, soFar) => soFar.principalCents,
    },
    balance: { key: 'balance', name: 'Balance', of: (own) => own.balanceCents },
    equity: { key: 'equity', name: 'Equity', of: (own) => own.equityCents },
  }
}

export const COLUMN_KEYS: readonly ColumnKey[] = [
  'paid',
  'interest',
  'principal',
  'extra',
  'insurance',
  'interestSoFar',
  'principalSoFar',
  'balance',
  'equity',
]

/** The columns shown until an advisor chooses others. */
export const usualColumns = (hasExtras: boolean): ColumnKey[] =>
  COLUMN_KEYS.filter(
    (key) => !['insurance', 'principalSoFar', 'equity'].includes(key) && (key !== 'extra' || hasExtras),
  )
