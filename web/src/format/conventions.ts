import type { TermsDocument } from '../api/client'

/** How the conventions are called, in the order in which they are offered. */
export const FREQUENCY_WORDS: Record<TermsDocument['frequency'], string> = {
  MONTHLY: 'monthly',
  SEMI_MONTHLY: 'twice a month',
  BIWEEKLY: 'every two weeks',
  WEEKLY: 'weekly',
  ACCELERATED_BIWEEKLY: 'every two weeks, accelerated',
  ACCELERATED_WEEKLY: 'weekly, accelerated',
  QUARTERLY: 'quarterly',
  YEARLY: 'yearly',
}

export const COMPOUNDING_WORDS: Record<TermsDocument['compounding'], string> = {
  MONTHLY: 'monthly',
  SEMI_ANNUAL: 'half-yearly',
  YEARLY: 'yearly',
  QUARTERLY: 'quarterly',
  SEMI_MONTHLY: 'twice a month',
  BIWEEKLY: 'every two weeks',
  WEEKLY: 'weekly',
  DAILY: 'daily',
}

export const ROUNDING_WORDS: Record<TermsDocument['rounding'], string> = {
  NEAREST_CENT: 'to the nearest cent',
  UP_TO_CENT: 'up to the next cent',
}

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
