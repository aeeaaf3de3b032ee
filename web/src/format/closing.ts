import type { AmountOrShare, ClosingItemDocument } from '../api/client'

export type ClosingKind = ClosingItemDocument['kind']

type KindWords = {
  label: string
  hint: string
  /** What it is most often agreed as. */
  unit: keyof AmountOrShare
}

/** The kinds of items at closing with their words, in the order in which they are shown. */
export const CLOSING_KINDS: Record<ClosingKind, KindWords> = {
  POINTS: { label: 'Points', hint: '% of the loan', unit: 'percent' },
  LENDER_CREDIT: { label: 'Lender credit', hint: '% of the loan', unit: 'percent' },
  LOAN_FEE: { label: 'Loan fees', hint: 'lender and required services', unit: 'cents' },
  OTHER_COST: { label: 'Recording and taxes', hint: 'not charged for the loan', unit: 'cents' },
  PREPAYMENT_CHARGE: { label: 'Prepayment charge', hint: 'of the present lender', unit: 'cents' },
  PREPAID_INTEREST: { label: 'Prepaid interest', hint: 'to the first full period', unit: 'cents' },
  PREPAID_ITEM: { label: 'Prepaid taxes and insurance', hint: 'amount', unit: 'cents' },
  SELLER_CREDIT: { label: 'Seller credit', hint: 'towards all of these', unit: 'cents' },
}
