import type { AmountOrShare, ClosingItemDocument } from '../api/client'
import words from '../words/closing.json'

export type ClosingKind = ClosingItemDocument['kind']

type KindWords = {
  label: string
  hint: string
  /** What it is most often agreed as. */
  unit: keyof AmountOrShare
}

/** The kinds of items at closing with their words, in the order in which they are shown. */
export const CLOSING_KINDS: Record<ClosingKind, KindWords> = {
  POINTS: { label: words.POINTS, hint: '% of the loan', unit: 'percent' },
  LENDER_CREDIT: { label: words.LENDER_CREDIT, hint: '% of the loan', unit: 'percent' },
  LOAN_FEE: { label: words.LOAN_FEE, hint: 'lender and required services', unit: 'cents' },
  OTHER_COST: { label: words.OTHER_COST, hint: 'not charged for the loan', unit: 'cents' },
  PREPAYMENT_CHARGE: { label: words.PREPAYMENT_CHARGE, hint: 'of the present lender', unit: 'cents' },
  PREPAID_INTEREST: { label: words.PREPAID_INTEREST, hint: 'to the first full period', unit: 'cents' },
  PREPAID_ITEM: { label: words.PREPAID_ITEM, hint: 'amount', unit: 'cents' },
  SELLER_CREDIT: { label: words.SELLER_CREDIT, hint: 'towards all of these', unit: 'cents' },
}
