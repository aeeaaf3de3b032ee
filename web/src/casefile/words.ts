import type { OptionDocument } from '../api/client'

/** How the conventions are called, in the order in which they are offered. */
export const FREQUENCY_WORDS: Record<OptionDocument['frequency'], string> = {
  MONTHLY: 'monthly',
  SEMI_MONTHLY: 'twice a month',
  BIWEEKLY: 'every two weeks',
  WEEKLY: 'weekly',
  ACCELERATED_BIWEEKLY: 'every two weeks, accelerated',
  ACCELERATED_WEEKLY: 'weekly, accelerated',
  QUARTERLY: 'quarterly',
  YEARLY: 'yearly',
}

export const COMPOUNDING_WORDS: Record<OptionDocument['compounding'], string> = {
  MONTHLY: 'monthly',
  SEMI_ANNUAL: 'half-yearly',
  YEARLY: 'yearly',
  QUARTERLY: 'quarterly',
  SEMI_MONTHLY: 'twice a month',
  BIWEEKLY: 'every two weeks',
  WEEKLY: 'weekly',
  DAILY: 'daily',
}

export const ROUNDING_WORDS: Record<OptionDocument['rounding'], string> = {
  NEAREST_CENT: 'to the nearest cent',
  UP_TO_CENT: 'up to the next cent',
}
