import type { TermsDocument } from '../api/client'
import compoundings from '../words/compoundings.json'
import frequencies from '../words/frequencies.json'
import roundings from '../words/roundings.json'

/** How the conventions are called, in the order in which they are offered. */
export const FREQUENCY_WORDS: Record<TermsDocument['frequency'], string> = frequencies

export const COMPOUNDING_WORDS: Record<TermsDocument['compounding'], string> = compoundings

export const ROUNDING_WORDS: Record<TermsDocument['rounding'], string> = roundings

/** How many payments a year has. */
export const PAYMENTS_PER_YEAR: Record<TermsDocument['frequency'], number> = {
  MONTHLY: 12,
  SEMI_MONTHLY: 24,
  BIWEEKLY: 26,
  WEEKLY: 52,
  ACCELERATED_BIWEEKLY: 26,
  ACCELERATED_WEEKLY: 52,
  QUARTERLY: 4,
  YEARLY: 1,
}

export const PAYER_WORDS = { SELLER: 'the seller', LENDER: 'the lender', BUYER: 'the buyer' } as const

export const EXTRA_EFFECT_WORDS = {
  END_EARLY: 'ends the loan early',
  RECAST: 'lowers the payments after it',
} as const

export const ESCROW_WORDS = { escrowed: 'lender’s escrow', own: 'the clients' } as const
